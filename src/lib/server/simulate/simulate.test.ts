import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { clubFileSchema } from '$lib/model/club-file';
import { programmeSchema, type ProgrammeSquad } from '$lib/model/programme';
import { demoClubFile } from './demo-club-file';
import { judgeProgramme } from './judge-programme';
import { runSeason } from './run-season';
import { squadInMemory } from './squad-in-memory';

const file = demoClubFile();
const run = (number: number, weeks: number): ProgrammeSquad =>
  runSeason(squadInMemory(file.squads[number]!, file.name, number), weeks)!;
const [handball, ultimate] = [run(0, 6), run(1, 4)];
const measure = (of: ProgrammeSquad, what: RegExp) => judgeProgramme(of).find((one) => what.test(one.what))!;

describe('a season as it is written', () => {
  // four weeks are worked out once more
  it('says everything in the published form, the same again', () => {
    const programme = { seed: null, seconds: 0, squads: [handball, ultimate] };
    expect(programmeSchema.parse(programme)).toEqual(programme);
    expect(run(1, 4)).toEqual(ultimate);
  }, 60_000);

  it('has whole weeks, whose mains are those of the plan and stay for the block', () => {
    for (const of of [handball, ultimate]) {
      expect(measure(of, /are whole/)).toMatchObject({ met: true });
      expect(measure(of, /as the school writes/)).toMatchObject({ met: true });
      expect(measure(of, /change inside a block/)).toMatchObject({ value: '0' });
    }
  });

  it('is judged by what stands in it', () => {
    const week = handball.weeks[0]!;
    const without = (is: (family: string) => boolean): ProgrammeSquad => ({
      ...handball,
      weeks: [
        {
          ...week,
          sessions: week.sessions.map((session) => ({
            ...session,
            lines: session.lines.filter(({ family }) => !is(family)),
          })),
        },
      ],
    });
    expect(
      measure(
        without((family) => family === 'hinge'),
        /are whole/,
      ),
    ).toMatchObject({ value: '0 % of 1', met: false });
    expect(
      measure(
        without((family) => family === 'squat' || family === 'single-leg-knee'),
        /knee sets/,
      ).met,
    ).toBe(false);
    const unused = week.sessions.map((session) => ({ ...session, contacts: { ...session.contacts, weighted: 0 } }));
    expect(measure({ ...handball, weeks: [{ ...week, sessions: unused }] }, /50–100 %/).met).toBe(false);
    const swapped = {
      ...handball,
      weeks: [
        week,
        {
          ...week,
          sessions: week.sessions.map((one) => ({
            ...one,
            lines: one.lines.map((line) => ({ ...line, exercise: `another ${line.exercise}` })),
          })),
        },
      ],
    };
    expect(Number(measure(swapped, /change inside a block/).value)).toBeGreaterThan(0);
    expect(measure(swapped, /as the school writes/).met).toBe(true);
    const other = { ...week.sessions[0]!, planned: [{ lead: 'knee', row: 'D-MAX', sets: 9, reps: 9, rir: 1 }] };
    expect(measure({ ...handball, weeks: [{ ...week, sessions: [other] }] }, /as the school writes/).met).toBe(false);
  });
});

it('publishes the schemas it reads and writes by', () => {
  const published = (name: string): unknown => JSON.parse(readFileSync(`docs/${name}.schema.json`, 'utf8'));
  const written = (schema: z.ZodType, io: 'input' | 'output'): unknown =>
    JSON.parse(JSON.stringify(z.toJSONSchema(schema, { io })));
  expect(published('club')).toEqual(written(clubFileSchema, 'input'));
  expect(published('programme')).toEqual(written(programmeSchema, 'output'));
});
