import { describe, expect, it } from 'vitest'
import { CENTER_KINDS, DOMAINS } from '../../domain'
import { ADAPTED_FOR, adaptationsFor } from './adaptations'

const ways = (center: (typeof CENTER_KINDS)[number], ...domains: (typeof DOMAINS)[number][]) =>
  adaptationsFor({ centers: [center], domains })

describe('how an idea is done otherwise', () => {
  it('has a way for each child at every center and for every domain', () => {
    for (const center of CENTER_KINDS)
      for (const domain of DOMAINS)
        for (const who of ADAPTED_FOR) expect(ways(center, domain)[who]).toMatch(/^\p{Lu}.*\.$/u)
  })
  it('goes by what it is mainly for before where it is done', () => {
    expect(ways('circle', 'music-movement').hears).toContain('feel the beat')
    expect(ways('circle', 'language').hears).toContain('face to face')
    expect(ways('outdoors', 'gross-motor').moves).toContain('wide and flat')
    expect(ways('tray-shelf', 'early-math', 'fine-motor').moves).toContain('thicker handles')
    expect(ways('tray-shelf', 'early-math', 'language', 'fine-motor').moves).toContain('sits well')
  })
})
