import type { Quota, Template } from '../../method';
import type { Option } from '../candidates/options';
import type { Context } from '../context';
import type { EngineOption } from '../engine/model';

/** Quotas this sport and length are asked for. */
export const askedQuotas = ({ quotas }: Template, { brief, sport }: Context): readonly Quota[] =>
  quotas.filter(
    ({ asked, from }) =>
      from <= brief.minutes && (asked === null || asked.demands.some((demand) => sport.demands[demand] >= asked.from)),
  );

/** An option with the quotas it fills, as bits. */
export function withQuotas(compiled: EngineOption, { exercise }: Option, quotas: readonly Quota[]): EngineOption {
  const mask = quotas.reduce((bits, quota, i) => (fills(exercise, quota) ? bits | (1 << i) : bits), 0);
  return { ...compiled, quotas: mask };
}

function fills({ stance, family, pattern, plyo, plane }: Option['exercise'], quota: Quota): boolean {
  if (quota.singleLeg) return stance !== 'two-leg' && stance !== 'none';
  if (quota.only === 'height' && !(plyo?.intent === 'height' && plyo.direction === 'vertical')) return false;
  if (quota.only === 'frontal' && plane !== 'frontal') return false;
  return quota.families.includes(family) || quota.patterns.includes(pattern);
}
