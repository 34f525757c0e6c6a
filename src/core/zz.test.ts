
import { test } from 'vitest';
import { readFileSync, readdirSync } from 'node:fs';
import { unroll } from './schedule/unroll';
import { parseAdventure } from './document/parse-adventure';
import { madeRecording } from './testing/made-captions';
import { countingIds } from './testing/make';
import { timedWords } from './review/timed-words';
import { layAlong, knownDraws } from './review/lay';
import { foundBeats } from './review/found-beats';
import { drawsOf } from './document/beats-of';
import { seededRandom } from './chance/random';
import { parseScript } from './formats/script/script';
import { dictionary } from 'cmu-pronouncing-dictionary';
function all(): [string, any][] {
  const out: [string, any][] = readdirSync('src/lib/demo').filter((n)=>n.endsWith('.json')).map(f=>[f, (parseAdventure(JSON.parse(readFileSync('src/lib/demo/'+f,'utf8'))) as any).value]);
  for (const f of readdirSync('src/lib/shelf/starts')) { let seed=0; const r: any = parseScript(readFileSync('src/lib/shelf/starts/'+f,'utf8'), { newId: countingIds(), newSeed: () => (seed += 7919), book: dictionary } as any); out.push([f, r.value.adventure]); }
  return out;
}
test('x', () => {
  const T=[0,0,0,0,0,0,0,0];
  for (const [f, a] of all()) {
    const s = unroll(a);
    const R=[0,0,0,0,0,0,0,0]; const missed: string[]=[]; const falses: string[] = [];
    for (const every of [true, false]) for (let seed = 1; seed <= Number(process.env.SEEDS ?? 6); seed++) {
      const known = every ? new Set(drawsOf(a).map((b: any)=>b.id)) : knownDraws(a);
      const rnd = seededRandom(seed);
      const probe = madeRecording(a, s.cues, known, { seed });
      const beats = [...new Set(probe.segments.map(x=>x.beatId))];
      const goneBeat = beats[rnd.whole(0, beats.length-1)]!;
      const parts = probe.segments.map((x,i)=>[x,i] as const).filter(([x])=>x.part!==null && x.beatId!==goneBeat && probe.segments.filter(y=>y.beatId===x.beatId && y.part!==null).length>2);
      const gonePart = parts.length ? parts[rnd.whole(0, parts.length-1)]! : null;
      const leftOut = [...probe.segments.flatMap((x,i)=>x.beatId===goneBeat?[i]:[]), ...(gonePart?[gonePart[1]]:[])];
      const m = madeRecording(a, s.cues, known, { seed, leftOut, wrong: 0.1*(seed%4), asWritten: [0.3,0.5,0.7,0.9][seed%4===0?0:(seed>>1)%4]!, named: seed%2?0.9:0.7 });
      const t0=performance.now();
      const laid = layAlong(a, s, timedWords(m.lines), m.endSeconds, known);
      T[7]=Math.max(T[7]!,performance.now()-t0);
      const fb = foundBeats(a, laid);
      for (const id of beats) {
        const e = fb.find(x=>x.beatId===id && !x.part)!;
        const idx = m.segments.flatMap((x,i)=>x.beatId===id && m.starts.has(i)?[m.starts.get(i)!]:[]);
        if (id===goneBeat) { R[2]++; if (e.state==='left out') R[3]++; continue; }
        R[0]++; 
        if (e.state==='left out') { R[4]++; falses.push(e.label); }
        else if (Math.abs(e.startSeconds-idx[0]!)<=5) R[1]++; else missed.push(`${e.label}:${(e.startSeconds-idx[0]!).toFixed(0)}`);
      }
      for (const e of fb.filter(x=>x.part)) {
        const isGone = gonePart && gonePart[0].part===e.part && gonePart[0].round===e.round && gonePart[0].beatId===e.beatId && m.segments.filter((y,i)=>y.part===e.part&&y.round===e.round&&m.starts.has(i)).length===0;
        if (isGone) { R[5]++; if (e.state==='left out') R[6]++; }
        else if (e.state==='left out') { R[7]++; falses.push('part '+e.label); }
      }
    }
    console.log(f.slice(0,16).padEnd(16), 'beats', R[1]+'/'+R[0], 'gone', R[3]+'/'+R[2], 'false', R[4], 'parts gone', R[6]+'/'+R[5], 'false', R[7], process.env.V ? missed.slice(0,8).join('; ')+' | '+falses.slice(0,6).join('; ') : '');
    for (let i=0;i<7;i++) T[i]!+=R[i]!; (T as any).f = ((T as any).f ?? 0) + R[7]!;
  }
  console.log('ALL beats', (T[1]!/T[0]!).toFixed(3), 'gone', (T[3]!/T[2]!).toFixed(3), 'falseBeats/rec', (T[4]!/(12*26)).toFixed(2), 'parts', (T[6]!/T[5]!).toFixed(3), 'falseParts/rec', ((T as any).f/(12*26)).toFixed(2), 'max ms', T[7]!.toFixed(0));
}, 300000);
