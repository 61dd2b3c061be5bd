import fc from 'fast-check'
import { expect, it } from 'vitest'
import { htmlOf } from './chartText'

it('makes text of every line, whatever stands in it', () => {
  expect(htmlOf(['<meta http-equiv=refresh content="0;url=//x">', "O'Neil & <b>co</b>"])).toBe(
    '<b>&lt;meta http-equiv=refresh content=&quot;0;url=//x&quot;&gt;</b><br>O&#39;Neil &amp; &lt;b&gt;co&lt;/b&gt;',
  )
  fc.assert(
    fc.property(fc.array(fc.string(), { minLength: 1, maxLength: 4 }), (lines) => {
      // All that is left of markup is our own.
      expect(htmlOf(lines).replace(/^<b>|<\/b>|<br>/g, '')).not.toMatch(/[<>"']/)
    }),
  )
})
