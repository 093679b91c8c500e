import type { Finding } from '../../result';
import type { Card } from '../../session';
import type { Context } from '../context';

/** Part of its minutes that a loading session uses while something with value is left (SEL-9). */
const USED = 0.9;

/** What keeps a session short of its minutes: the nearest event, the week, the phase, how the squad starts, nothing more. */
export type KeptFor = 'event' | 'week' | 'season' | 'gentle' | 'covered';

/**
 * Says of a squad's loading session that leaves minutes unused what they are kept for (SEL-9). One asked for by name is as
 * long as it is written.
 */
export function minutesLeft(
  minutes: number,
  { template }: Pick<Card, 'template'>,
  { brief, limits, fewestSets, kind, method }: Context,
): Finding[] {
  if (brief.own || kind || !method.templates[template]?.loading || minutes >= USED * brief.minutes) return [];
  const kept: KeptFor = limits.quiet
    ? 'event'
    : brief.lighterWeek || brief.phase === 'peak'
      ? 'week'
      : brief.phase === 'transition'
        ? 'season'
        : fewestSets
          ? 'gentle'
          : 'covered';
  const left = Math.round(brief.minutes - minutes);
  return [{ severity: 'note', code: 'minutes_left', rules: ['SEL-9'], facts: { left, asked: brief.minutes, kept } }];
}
