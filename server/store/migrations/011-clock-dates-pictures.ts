import { fill, type Migration } from './migration'

export const clockDatesPictures: Migration = {
  name: '011-clock-dates-pictures',
  async up(db) {
    // A metric home has read a clock of 24 hours and dates with the day first until now: that stays its way.
    await fill(db, 'homes', (body) =>
      body.measures === 'us'
        ? { clock: '12h', dates: 'month-first', ...body }
        : { clock: '24h', dates: 'day-first', ...body },
    )
    await fill(db, 'units', (body) => ({
      ...body,
      objects: (body.objects as Record<string, unknown>[]).map((one) => ({ picture: '', ...one })),
    }))
  },
}
