import { applyEdits } from './core/formats/edits';
import { blankJob } from './core/formats/blankJob';
import { DEMO_KIT } from './demo/kit';
import { assess } from './core/plan/assess';
import { makePlan } from './core/plan/plan';
import { readSentence, editsOf } from './core/say/read';
import { STOP_WORK_QUESTIONS } from './core/data/stopWork';
const S = [
  'ten mil base plate gusset cracked off a pump skid, horizontal, outside, 7018 eighth',
  'excavator dipper arm side plate 16 mm has a 120 mm crack running from a weld toe, overhead',
  'fuel tank bracket on a generator frame, 3 mm to 5 mm, vertical, indoors',
  'aluminium gangway handrail post cracked at the weld, 4 mm wall tube, outdoors, windy',
  'grey iron gear housing cracked 90 mm long, 8 mm thick, indoors',
  'stainless sink leg came off, 1.2 mm, 304, flat on the bench',
  'plough share worn edge needs building up, 12 mm, flat',
  'trailer drawbar box section 5 mm snapped at the hitch, in the yard',
  'galvanised gate hinge 5 mm flat bar to 2 mm box section, outside, 6013 2.5',
  'mild steel exhaust flange 8 mm to 1.5 mm pipe, flat',
  'cast steel bollard foot crack of 200 mm, 40 mm thick, rainy, outdoors',
  'bucket tooth adapter 4140 30 mm to 20 mm lip plate, flat',
  'copper pipe 22 mm to brass valve, leak',
  'spring hanger bracket on a lorry chassis, 6 mm broke off',
  'duplex 6 mm plate patch on a sea water pump volute',
  'hardox 500 liner 12 mm butt crack, 7018',
  'rusty 2 mm deck plate hole rusted through 100 mm patch overhead',
  'manganese crusher jaw 40 mm crack',
  '16 gauge tank side panel hole torn, mild steel, vertical',
  'stud m12 snapped off in cast iron manifold',
  'pin hole worn oval in 25 mm clevis plate s355 flat',
  '6 mm angle iron shelf bracket new, indoors, flat, 6013 3.2',
];
for (const s of S) {
  const said = readSentence(s, 'metric');
  let job = blankJob('j', '2026-01-01T00:00:00.000Z');
  job = applyEdits(job, [...editsOf(said.chips)] as any);
  const stop: any = {};
  for (const q of STOP_WORK_QUESTIONS as any)
    stop[q.id] = q.answers?.includes?.('will-meet') || q.middle === 'will-meet' ? 'will-meet' : 'no';
  job = {
    ...job,
    look: {
      ...job.look,
      stopWork: stop,
      place: job.look.place ?? 'indoors',
      position: job.look.position ?? 'flat',
    },
    metal: { ...job.metal, sideA: { ...job.metal.sideA, coating: job.metal.sideA.coating ?? 'none' } },
    joint: { ...job.joint, length_mm: job.joint.length_mm ?? 150 },
  } as any;
  const a = assess(job, DEMO_KIT);
  const p = makePlan(a);
  const st = a.situation;
  console.log(
    '\n# ' +
      s +
      '\n  chips: ' +
      said.chips.map((c) => c.means).join(', ') +
      ' | asks: ' +
      said.asks.map((x) => x.question).join('; ') +
      ' | raised: ' +
      said.raised.map((r) => r.id).join(',') +
      ' | unknown: ' +
      said.unknown.join(' '),
  );
  console.log(
    '  ' +
      p.verdict +
      '; kind ' +
      job.joint.kind +
      ' damage ' +
      job.look.damage +
      '; ' +
      (st.rod
        ? st.rod.value.rodClass + ' ' + st.rod.value.size + ' ' + st.current_A?.value + ' A'
        : 'no rod') +
      '; preheat ' +
      st.heat.preheat?.value +
      '; passes ' +
      st.beads?.passes.length +
      '; fam ' +
      st.wants.families.slice(0, 4).join(','),
  );
  console.log(
    '  halts: ' +
      p.halts.map((h) => h.title).join(', ') +
      ' || ' +
      a.rooms
        .filter((r) => r.state !== 'roomy' && r.state !== 'snug')
        .map((r) => r.id + ':' + r.state)
        .slice(0, 6)
        .join(' '),
  );
}
