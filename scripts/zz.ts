import { demoClubFile } from '../src/lib/server/simulate/demo-club-file.js';
import { liveSeason } from '../src/lib/server/simulate/live-season.js';
import { squadInMemory } from '../src/lib/server/simulate/squad-in-memory.js';
const club = demoClubFile();
const n = Number(process.argv[2] ?? 0); const weeks = process.argv[3] ? Number(process.argv[3]) : null;
const file = club.squads[n]!;
const mean = (v: number[]) => v.reduce((a,b)=>a+b,0)/v.length;
for (const policy of ['rules','naive'] as const) {
  const t=performance.now();
  const lived = liveSeason(squadInMemory(file, club.name, n+1), { seed: 1, policy, weeks })!;
  console.log(policy, file.name, lived.athletes.length, Math.round(performance.now()-t), 'ms');
  const counts: Record<string, number> = {}; 
  for (const a of lived.athletes) for (const x of a.answers) counts[x.response.answer]=(counts[x.response.answer]??0)+1;
  console.log(counts);
  console.log(lived.athletes.map(a=>`${a.body.traits.level[0]} k${a.body.strength.knee.toFixed(3)} h${a.body.strength.hip.toFixed(3)}`).join(' | '));
  for (const w of lived.squad.weeks) {
    const st = lived.states.filter(s=>s.week===w.start);
    if (!st.length) continue;
    const c = w.sessions.flatMap(s=>s.calls);
    const d = w.sessions.map(s=>s.done);
    console.log(w.start, w.phase.padEnd(10), w.block.kind.padEnd(8), 'S', mean(st.map(s=>s.strength)).toFixed(3), 'J', mean(st.map(s=>s.jump)).toFixed(3), 'hard', st.filter(s=>s.tooHard).length, 'sets', mean(lived.athletes.map(a=>a.body.sets.knee)).toFixed(1), mean(lived.athletes.map(a=>a.body.sets.hip)).toFixed(1), mean(lived.athletes.map(a=>a.body.contacts)).toFixed(0), 'fat', mean(lived.athletes.map(a=>a.body.fatigue)).toFixed(0),'calls', c.map(x=>`${x.kind}${x.athletes}`).join(' '), 'applied', w.sessions.map(s=>s.applied).join(','), 'sets', d.map(x=>x?`${x.setsDone}/${x.setsWritten}`:'-').join(' '));
  }
}
