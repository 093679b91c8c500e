import type { Body } from './body';
import { DAYS_A_WEEK, GROUPS, type Group, type VirtualParameters } from './parameters';

/** A night: gains and losses by what the last week held, and everything that fades does. */
export function passDay(body: Body, parameters: VirtualParameters): Body {
  const { gains, fatigue, soreness, pain } = parameters;
  const { traits } = body;
  const strength = Object.fromEntries(
    GROUPS.map((group) => [
      group,
      adapted(body.strength[group], 1 - Math.exp(-body.sets[group] / gains.setsScale), traits.level, body, parameters),
    ]),
  ) as Record<Group, number>;
  const legs = (strength.knee + strength.hip - body.strength.knee - body.strength.hip) / 2;
  const landed = 1 - Math.exp(-body.contacts / gains.contactsScale);
  const jump =
    adapted(body.jump, landed, traits.jumpLevel, body, parameters) * (1 - gains.strengthInJump) +
    (body.jump + legs) * gains.strengthInJump;
  const week = Math.exp(-1 / DAYS_A_WEEK);
  return {
    ...body,
    strength,
    jump,
    sets: mapped(body.sets, (sets) => sets * week),
    contacts: body.contacts * week,
    fatigue: body.fatigue * Math.exp(-1 / (fatigue.decayDays / traits.recovery)),
    usual: body.usual + (body.fatigue - body.usual) / fatigue.usualDays,
    sore: mapped(body.sore, (sore) => sore * Math.exp(-1 / (soreness.decayDays / traits.recovery))),
    habit: mapped(body.habit, (habit) => habit * Math.exp(-1 / soreness.habitDays)),
    pain: healed(body.pain, pain.daysAPoint / traits.recovery),
  };
}

/** A quality after a day at a share of the most that training brings: gains flatten towards the level's ceiling. */
function adapted(
  now: number,
  trained: number,
  level: Body['traits']['level'],
  { traits }: Body,
  { gains }: VirtualParameters,
): number {
  const ceiling = gains.ceiling[level];
  const room = Math.max(0, (ceiling - now) / (ceiling - 1));
  const up = gains.aWeek[level] * traits.talent * trained * room;
  const down = gains.lossAWeek * (1 - trained) * Math.max(0, (now - gains.floor) / (1 - gains.floor));
  return now + (up - down) / DAYS_A_WEEK;
}

function healed(pain: Body['pain'], daysAPoint: number): Body['pain'] {
  if (!pain) return null;
  const score = pain.score - 1 / daysAPoint;
  return score < 0.5 ? null : { ...pain, score };
}

function mapped<T extends Partial<Record<string, number>>>(values: T, of: (value: number) => number): T {
  return Object.fromEntries(Object.entries(values).map(([key, value]) => [key, of(value as number)] as const)) as T;
}
