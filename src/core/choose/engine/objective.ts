import { REACH, type EngineModel, type EngineOption } from './model';

/** Running sums of a selection; options are added and taken away as the search tries them. */
export interface Totals {
  lin: number;
  timeS: number;
  contacts: number;
  rawContacts: number;
  knee: number;
  hip: number;
  readonly demand: Int32Array;
  readonly bonuses: Int32Array;
  readonly quotas: Int32Array;
  readonly patterns: Int32Array;
  readonly groups: Int32Array;
  readonly bands: Int32Array;
  sets: number;
  /** patterns that stand more than once */
  repeats: number;
}

/** Sums before anything is chosen: what the week already holds. */
export const startTotals = (model: EngineModel): Totals => ({
  lin: 0,
  timeS: 0,
  contacts: 0,
  rawContacts: 0,
  knee: model.kneeStart,
  hip: model.hipStart,
  demand: Int32Array.from(model.coveredStart),
  bonuses: new Int32Array(model.bonuses.length),
  quotas: new Int32Array(model.quotaCount),
  patterns: new Int32Array(model.patternCount),
  groups: new Int32Array(model.groupCount),
  bands: new Int32Array(model.bands.length),
  sets: 0,
  repeats: 0,
});

/** Adds an option to the sums (sign 1) or takes it away (sign −1). */
export function addTo(totals: Totals, option: EngineOption, sign: 1 | -1): void {
  totals.lin += sign * option.lin;
  totals.timeS += sign * option.timeS;
  totals.contacts += sign * option.contacts;
  totals.rawContacts += sign * option.rawContacts;
  totals.knee += sign * option.knee;
  totals.hip += sign * option.hip;
  totals.sets += sign * option.sets;
  const { demand, bonuses, quotas, patterns, groups } = totals;
  for (const j of option.worksOn) demand[j] = (demand[j] ?? 0) + sign * (option.demand[j] ?? 0);
  for (let b = 0; b < bonuses.length; b++) if (option.bonuses & (1 << b)) bonuses[b] = (bonuses[b] ?? 0) + sign;
  for (let q = 0; q < quotas.length; q++) if (option.quotas & (1 << q)) quotas[q] = (quotas[q] ?? 0) + sign;
  if (option.band >= 0) totals.bands[option.band] = (totals.bands[option.band] ?? 0) + sign * option.sets;
  if (option.group >= 0) {
    const stood = groups[option.group] ?? 0;
    groups[option.group] = stood + sign;
    if (stood === (sign === 1 ? 0 : 1)) totals.timeS += sign * option.groupS;
  }
  if (option.pattern < 0) return;
  const before = patterns[option.pattern] ?? 0;
  patterns[option.pattern] = before + sign;
  if (sign === 1 && before >= 1) totals.repeats++;
  if (sign === -1 && before >= 2) totals.repeats--;
}

/** Whether the sums break time, contacts, or one of a pattern. */
export const breaksLimit = (model: EngineModel, totals: Totals): boolean =>
  totals.repeats > 0 ||
  totals.timeS > model.timeLimitS ||
  totals.contacts > model.contactLimit ||
  totals.rawContacts > model.rawContactLimit;

/**
 * Points of a selection: what its options bring alone, coverage with diminishing returns, the knee : hip band as
 * deviation in sets, bonuses, missed quotas, hard sets outside the week's, and time and contacts unused.
 */
export function pointsOf(model: EngineModel, totals: Totals): number {
  let points = totals.lin - balancePenalty(totals.knee, totals.hip, model);
  for (let j = 0; j < totals.demand.length; j++)
    points += model.coverage[j]?.[Math.min(totals.demand[j] ?? 0, REACH - 1)] ?? 0;
  for (let b = 0; b < model.bonuses.length; b++) {
    const sums = model.bonuses[b] ?? [];
    points += sums[Math.min(totals.bonuses[b] ?? 0, sums.length - 1)] ?? 0;
  }
  for (let q = 0; q < model.quotaCount; q++) if ((totals.quotas[q] ?? 0) === 0) points -= model.missedQuota;
  for (let k = 0; k < model.bands.length; k++) points -= offBand(model, k, totals.bands[k] ?? 0);
  points -= model.offBand * Math.max(0, totals.sets - model.mostSets);
  return points - unused(model, totals.timeS, totals.contacts);
}

/** Seconds an option adds: the first of its group comes with the way to it. */
export const secondsWith = (totals: Totals, option: EngineOption): number =>
  option.timeS + (option.group >= 0 && (totals.groups[option.group] ?? 0) === 0 ? option.groupS : 0);

/** Whether one option more would break time, contacts, or one of a pattern. */
const breaksWith = (model: EngineModel, totals: Totals, option: EngineOption): boolean =>
  totals.repeats > 0 ||
  (option.pattern >= 0 && (totals.patterns[option.pattern] ?? 0) > 0) ||
  totals.timeS + secondsWith(totals, option) > model.timeLimitS ||
  totals.contacts + option.contacts > model.contactLimit ||
  totals.rawContacts + option.rawContacts > model.rawContactLimit;

/**
 * Points of the sums with one option more, without adding it: what the search asks many thousand times.
 * @param points of the sums as they stand (`pointsOf`)
 * @returns −Infinity where it would break a limit
 */
export function pointsWith(model: EngineModel, totals: Totals, points: number, option: EngineOption): number {
  if (breaksWith(model, totals, option)) return -Infinity;
  return points + gainOf(model, totals, option);
}

/** What one option adds to the sums as they stand, limits left out. */
export function gainOf(model: EngineModel, totals: Totals, option: EngineOption): number {
  let gain = option.lin + balancePenalty(totals.knee, totals.hip, model);
  gain -= balancePenalty(totals.knee + option.knee, totals.hip + option.hip, model);
  for (const j of option.worksOn) {
    const at = totals.demand[j] ?? 0;
    const table = model.coverage[j];
    gain += (table?.[Math.min(at + (option.demand[j] ?? 0), REACH - 1)] ?? 0) - (table?.[Math.min(at, REACH - 1)] ?? 0);
  }
  for (let b = 0; option.bonuses >>> b > 0; b++) {
    if (!(option.bonuses & (1 << b))) continue;
    const sums = model.bonuses[b] ?? [];
    const at = totals.bonuses[b] ?? 0;
    gain += (sums[Math.min(at + 1, sums.length - 1)] ?? 0) - (sums[Math.min(at, sums.length - 1)] ?? 0);
  }
  for (let q = 0; option.quotas >>> q > 0; q++)
    if (option.quotas & (1 << q) && (totals.quotas[q] ?? 0) === 0) gain += model.missedQuota;
  if (option.band >= 0) {
    const at = totals.bands[option.band] ?? 0;
    gain += offBand(model, option.band, at) - offBand(model, option.band, at + option.sets);
  }
  gain -= model.offBand * Math.max(0, Math.min(option.sets, totals.sets + option.sets - model.mostSets));
  gain += unused(model, totals.timeS, totals.contacts);
  return gain - unused(model, totals.timeS + secondsWith(totals, option), totals.contacts + option.contacts);
}

/** Points lost by hard sets of a kind outside what the session should hold. */
function offBand({ bands, offBand: points }: EngineModel, kind: number, sets: number): number {
  const band = bands[kind];
  return band ? points * Math.max(0, band.from - sets, sets - band.to) : 0;
}

/** Points lost by time and contacts left unused (SEL-9). */
function unused({ least }: EngineModel, timeS: number, contacts: number): number {
  const time = least.second * Math.max(0, least.timeS - timeS);
  return time + Math.min(least.contactsMost, least.contact * Math.max(0, least.contacts - contacts));
}

/** Deviation from the band in tenths of a set, never as a ratio: u⁻ = lo(K+H) − K, u⁺ = K − hi(K+H). */
function balancePenalty(knee: number, hip: number, { balance: { low, high, sets, near, far } }: EngineModel): number {
  const off = Math.max(0, low * (knee + hip) - knee, knee - high * (knee + hip)) / 10;
  return Math.round(near * Math.min(off, sets) + far * Math.max(0, off - sets));
}
