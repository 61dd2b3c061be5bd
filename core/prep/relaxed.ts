import { Network, shiftsOf } from './flow'
import { joined } from './forward'
import type { Instance } from './instance'
import type { Over, Piece, Schedule } from './jobs'

/** A stretch of time in which no window begins or ends and nothing becomes due. */
interface Slice {
  from: number
  to: number
  windows: number[]
}

function slicesOf(instance: Instance, release: readonly number[], due: readonly number[]): Slice[] {
  const { windows } = instance
  const cuts = [...new Set([...windows.flatMap((one) => [one.from, one.to]), ...release, ...due])].sort((a, b) => a - b)
  return cuts.slice(0, -1).flatMap((from, i): Slice[] => {
    const to = cuts[i + 1]
    const open = windows.flatMap((window, index) => (window.from <= from && window.to >= to ? [index] : []))
    return open.length ? [{ from, to, windows: open }] : []
  })
}

/** The most work that the windows can take, and where. */
function fullest(instance: Instance, release: readonly number[], due: readonly number[]) {
  const { jobs, may } = instance
  const slices = slicesOf(instance, release, due)
  const pairs = jobs.flatMap((_, job) =>
    slices.flatMap((slice, index) => {
      const windows = slice.windows.filter((window) => may[job][window])
      return windows.length && release[job] <= slice.from && due[job] >= slice.to ? [{ job, index, windows }] : []
    }),
  )
  const windowsOf = slices.map((slice) => slice.windows)
  const starts: number[] = []
  let nodes = 2 + jobs.length
  for (const list of windowsOf) {
    starts.push(nodes)
    nodes += list.length
  }
  const network = new Network(nodes + pairs.length)
  jobs.forEach((one, job) => network.edge(0, 2 + job, one.minutes))
  slices.forEach((slice, index) =>
    slice.windows.forEach((_, i) => network.edge(starts[index] + i, 1, slice.to - slice.from)),
  )
  const flows = pairs.flatMap(({ job, index, windows }, pair) => {
    const length = slices[index].to - slices[index].from
    // A job is done by one adult at a time: where several could, it passes through a node of its own.
    const node = windows.length > 1 ? nodes + pair : 2 + job
    if (node !== 2 + job) network.edge(2 + job, node, length)
    return windows.map((window) => {
      const place = slices[index].windows.indexOf(window)
      return { job, index, place, edge: network.edge(node, starts[index] + place, length) }
    })
  })
  return { network, most: network.most(), slices, flows }
}

/**
 * The fewest minutes that any schedule leaves over, as if all work split into any pieces and nothing waited; and whether
 * all could fit, with due times made earlier by what must come after.
 */
export function leastOver(instance: Instance): { least: number; fits: boolean } {
  const { jobs } = instance
  const total = jobs.reduce((sum, job) => sum + job.minutes, 0)
  const open = fullest(
    instance,
    jobs.map((job) => job.release),
    jobs.map((job) => job.due),
  ).most
  // What does not fit with all the time there is does not fit with less.
  const held =
    open < total || jobs.every((job, i) => job.release === instance.release[i] && job.due === instance.due[i])
  return { least: total - open, fits: (held ? open : fullest(instance, instance.release, instance.due).most) >= total }
}

/** The schedule that the largest flow itself is: for work that all splits, and waits for nothing. */
export function spread(instance: Instance): Schedule {
  const { jobs, windows } = instance
  const { network, slices, flows } = fullest(instance, instance.release, instance.due)
  const pieces: Piece[] = []
  const done = jobs.map(() => 0)
  slices.forEach((slice, index) => {
    const minutes = jobs.map(() => slice.windows.map(() => 0))
    for (const flow of flows) {
      if (flow.index !== index) continue
      minutes[flow.job][flow.place] = network.through(flow.edge)
      done[flow.job] += minutes[flow.job][flow.place]
    }
    const used = jobs.flatMap((_, job) => (minutes[job].some((one) => one > 0) ? [job] : []))
    let at = slice.from
    for (const shift of shiftsOf(
      used.map((job) => minutes[job]),
      used.length ? slice.to - slice.from : 0,
    )) {
      shift.jobs.forEach((row, place) => {
        if (row >= 0)
          pieces.push({
            job: jobs[used[row]].id,
            window: slice.windows[place],
            from: at,
            to: at + shift.minutes,
            setUp: 0,
          })
      })
      at += shift.minutes
    }
  })
  const overs = jobs.flatMap((job, i): Over[] => {
    const minutes = job.minutes - done[i]
    if (minutes <= 0) return []
    const open = windows.flatMap((window, index) => (instance.may[i][index] && window.from < job.due ? [index] : []))
    const last = open.sort((a, b) => windows[b].to - windows[a].to)[0] as number | undefined
    return [{ job: job.id, minutes, window: last ?? null }]
  })
  const over = overs.reduce((sum, one) => sum + one.minutes, 0)
  return {
    pieces: joined(pieces).sort((a, b) => a.from - b.from || a.window - b.window),
    overs,
    over,
    proof: over ? 'cannot' : 'fits',
    least: over,
    setUps: 0,
    stopped: false,
  }
}
