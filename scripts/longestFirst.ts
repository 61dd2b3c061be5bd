import { BaseSequencer, type TestSpecification } from 'vitest/node'

/** The walks that take minutes, longest first: begun early, so that no other file waits beside an idle processor. */
const LONG = [
  'e2e/everyControl',
  'e2e/views',
  'e2e/instants',
  'server/crash',
  'server/attacks/signIn',
  'server/store/forms',
]

const rank = ({ moduleId }: TestSpecification): number => {
  const at = LONG.findIndex((path) => moduleId.includes(`/${path}.test.ts`))
  return at < 0 ? LONG.length : at
}

/** Files in the order in which they keep all workers busy to the end. */
export default class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    return (await super.sort(files)).sort((a, b) => rank(a) - rank(b))
  }
}
