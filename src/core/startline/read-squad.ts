import { bestOf, type TestSpecs } from '../testing';
import { outcomesOf } from './outcomes';
import { readStartLine, type StartInput, type StartReading } from './start-reading';
import type { StartSettings } from './settings';

/** Tests of reactive strength, the one read first ahead. */
const RSI_TESTS = ['rsi-10-5', 'drop-rsi'] as const;

/** An athlete of a squad to read; the squad's own jumps lend the line of START-7. */
export interface SquadMember extends Omit<StartInput, 'squad'> {
  readonly id: string;
}

/** Reads every athlete of a squad, each against those of the same sex. */
export function readSquad(
  members: readonly SquadMember[],
  specs: TestSpecs,
  settings: StartSettings,
): Map<string, StartReading> {
  const jumps = members.map((member) => {
    const outcomes = outcomesOf(member.records, specs, member.today);
    const value = (id: string): number | null => {
      const spec = specs.get(id);
      return spec ? bestOf(outcomes.get(id), spec) : null;
    };
    return {
      sex: member.sex,
      cmj: value('cmj'),
      sj: value('sj'),
      rsi: new Map(RSI_TESTS.map((id) => [id, value(id)])),
    };
  });
  return new Map(
    members.map((member, i) => {
      const rsiTest = RSI_TESTS.find((id) => jumps[i]?.rsi.get(id) != null) ?? RSI_TESTS[0];
      const same = jumps.filter(({ sex }) => sex === member.sex);
      const squad = {
        rsiTest,
        rsi: same.flatMap(({ cmj, rsi }) => {
          const own = rsi.get(rsiTest) ?? null;
          return cmj === null || own === null ? [] : [[cmj, own] as const];
        }),
        eur: same.flatMap(({ cmj, sj }) => (cmj === null || !sj ? [] : [cmj / sj])),
      };
      return [member.id, readStartLine({ ...member, squad }, specs, settings)];
    }),
  );
}
