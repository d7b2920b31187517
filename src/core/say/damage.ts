import type { DamageId } from '../data/damage';
import type { JobEdit } from '../formats/paths';
import { DAMAGE } from '../data/damage';

/** What broke, as it is said: the whole sentence is looked through, the first that fits counts. From memory. */
const SAY_DAMAGE: readonly { said: string; damage: DamageId; cause?: 'corrosion' | 'no-weld' }[] = [
  {
    said: '(?:stud|bolt|screw)s?(?: \\S+){0,2}? (?:snapped|broken?|sheared)(?: off)?|(?:snapped|broken|sheared|seized)(?: off)? (?:stud|bolt|screw)|stripped thread|thread(?:s)? (?:is |are |has )?(?:stripped|gone|pulled)',
    damage: 'thread',
  },
  {
    said: 'bl(?:ew|own) (?:a |right )?(?:hole|through)|blow(?:n)? ?hole|burn(?:ed|t) (?:a hole|(?:right )?through)|bad root',
    damage: 'blown-hole',
  },
  {
    said: '(?:rust|rot|corrod)(?:ed|ted)? (?:right )?(?:through|out|away)|rust(?:ed)? hole|rotten',
    damage: 'thin-sheet',
    cause: 'corrosion',
  },
  {
    said: '(?:hole|panel|sheet|skin|side)s? (?:is |has |got )?(?:torn|ripped|split)|torn (?:sheet|skin|panel|open)|holed|hole in (?:the |a )?(?:sheet|panel|skin|tray|floor)',
    damage: 'thin-sheet',
  },
  {
    said: '(?:worn|oval|egged?|elongated|sloppy|slogged)(?:ed|ged)?(?: out)? (?:pin )?(?:hole|bore|bush|eye)|(?:hole|bore|eye)s? (?:is |are |has |have )?(?:gone |worn )?(?:oval|worn|egg(?:ed)?(?:[- ]shaped)?|elongated|sloppy)',
    damage: 'worn-hole',
  },
  {
    said: 'worn (?:down|away|edge|face|lip|thin|tip|cutting edge)|(?:edge|lip|face|tip)s? (?:is |are |has |have )?worn|build ?up|built up|hard ?fac(?:e|ing)',
    damage: 'worn-face',
  },
  {
    said: '(?:bad|old|wrong|dodgy|poor) (?:old )?weld(?:s|ing)? (?:is |looks )?(?:bad|poor|wrong|cold)?|cold lap|bird ?(?:shit|muck)',
    damage: 'bad-weld',
    cause: 'no-weld',
  },
  {
    said: '(?:snapped|broken?|broke|sheared)(?: clean)?(?: right)?(?: through)? (?:in (?:two|half|2)|through|across)|in two (?:pieces|halves)|snapped (?:clean )?(?:off|through)?(?= the (?:shaft|arm|bar|leg|tube))',
    damage: 'snapped',
  },
  {
    said: '(?:tip|tooth|teeth|ear|corner|horn|prong|tine|fin|blade|spoke|point|nose)s? (?:is |has |have |are )?(?:broken?|broke|snapped|sheared)(?: off| away)?',
    damage: 'snapped',
  },
  {
    said: 'weld(?:s)? (?:has |have |is |are )?(?:cracked|cracking|broken?|broke|let go|failed|gone|split|torn)|(?:cracked|broken?|broke|torn|tore|ripped|snapped|came|come|coming|fell|fallen) (?:off|loose|away)|crack(?:ed)? (?:in|along|at|down) (?:the |a |its )?(?:old )?weld|cracked weld|broken weld',
    damage: 'cracked-weld',
  },
  {
    said: '(?:hairline |long |small )?crack(?:ed|s)? (?:in|through|across|from|beside|next to|near|running|round|around|up|down)|running crack|hairline|crack of|(?:mm|inch|in) crack|there is a crack|got a crack',
    damage: 'cracked-metal',
  },
  {
    said: 'cracked (?:for )?[\\d/.]+|(?:housing|casing|casting|block|case|plate|beam|post|rail|arm|shaft|frame|manifold|pump|head) (?:is |has )?cracked|cracked (?:housing|casing|casting|block|case|plate|beam|post|rail|arm|shaft|frame|manifold|pump|head)',
    damage: 'cracked-metal',
  },
  {
    said: 'cracks?(?! rod)|(?:eye|lug|body|flange|housing|wall|hub|spoke|bed|leg|ear|boss|yoke|fork|pedal|lever|valve|cover) (?:is |has )?cracked',
    damage: 'cracked-metal',
  },
  { said: 'snapped', damage: 'snapped' },
  { said: '(?:is|got|been|badly) bent|bent (?:back|out of|over)|straighten', damage: 'bent' },
  {
    said: '(?:bracket|lug|tab|shelf|hook|handle|foot) (?:is )?(?:to (?:fit|weld on)|new)|(?:new|fit a|add a|attach a|put (?:a|on a)) (?:new )?(?:bracket|lug|tab|plate|part|gusset|cleat|stiffener|hinge|handle|foot)|weld (?:a|on a) (?:new )?(?:bracket|lug|tab|plate|gusset|cleat|stiffener|hinge|handle|foot)',
    damage: 'new-part',
  },
];

/** What a sentence says is broken: its chip; null where it says nothing of it. */
export function damageSaid(text: string): { means: string; said: string; edits: JobEdit[] } | null {
  const lower = text.toLowerCase();
  for (const { said, damage, cause } of SAY_DAMAGE) {
    const match = new RegExp(String.raw`(?<![\p{L}\d])(?:${said})(?![\p{L}\d])`, 'u').exec(lower);
    if (!match) continue;
    return {
      means: DAMAGE[damage].name,
      said: match[0],
      edits: [
        { path: 'look.damage', value: damage },
        ...(cause === undefined ? [] : [{ path: 'look.cause', value: cause } as const]),
      ],
    };
  }
  return null;
}
