import { format } from 'echarts/core'
import type { useColours } from './useColours'

/**
 * The little window of a chart. A chart takes what it shows there as HTML: this is the one place where text goes into
 * it, and every line of it is escaped, so that a child's name is a name whatever stands in it.
 *
 * @param colours of the look, as {@link useColours} gives them
 * @param lines what is said of the place that is pointed at, the first of it strong
 */
export const tooltipOf = <P>(colours: ReturnType<typeof useColours>['value'], lines: (at: P) => readonly string[]) => ({
  backgroundColor: colours.paper,
  borderColor: colours.edgeStrong,
  textStyle: { color: colours.ink, fontSize: 14 },
  formatter: (at: P) => htmlOf(lines(at)),
})

/** Lines of text as HTML, the first of them strong. */
export const htmlOf = ([first = '', ...more]: readonly string[]): string =>
  [`<b>${format.encodeHTML(first)}</b>`, ...more.map((line) => format.encodeHTML(line))].join('<br>')
