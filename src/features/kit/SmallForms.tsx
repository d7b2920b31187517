import { GUN_OF } from '@core/data/guns';
import { TOOLS, type ToolId } from '@core/data/tools';
import type { CordItem, LeadSet, Tool } from '@core/formats/kit';
import { optionsOf } from '@/ui/options';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { CableSize, Name, Note, Num, type Change } from './parts';

/** A cord of one's own. */
export function CordForm({ cord, change }: { cord: CordItem; change: Change }) {
  return (
    <>
      <Words as="title">{cord.name}</Words>
      <Name value={cord.name} change={change} />
      <FieldRow>
        <Num item={cord} at="length_m" path="cord.length_m" change={change} />
      </FieldRow>
      <CableSize value={cord.size} forCord change={change} />
    </>
  );
}

/** A pair of weld leads. */
export function LeadsForm({ leads, change }: { leads: LeadSet; change: Change }) {
  return (
    <>
      <Words as="title">{leads.name}</Words>
      <Name value={leads.name} change={change} />
      <FieldRow>
        <Num item={leads} at="length_m" path="leads.length_m" change={change} />
      </FieldRow>
      <CableSize value={leads.size} forCord={false} change={change} />
    </>
  );
}

/** Something to measure, test or prepare with. */
export function ToolForm({ tool, change }: { tool: Tool; change: Change }) {
  return (
    <>
      <Words as="title">{TOOLS[tool.tool]}</Words>
      <Pick
        label="What it is"
        testID="tool"
        options={optionsOf(TOOLS)}
        value={tool.tool}
        onPick={(id: ToolId | null) => id && change([{ path: 'tool', value: id }])}
      />
      {RATED.includes(tool.tool) && (
        <FieldRow>
          <Num item={tool} at="rated_A" path="tool.rated_A" change={change} />
          <Num item={tool} at="duty_pct" path="tool.duty_pct" change={change} />
        </FieldRow>
      )}
      <Note value={tool.note} change={change} />
    </>
  );
}

/** What has a rating of its own: torches and guns. */
const RATED: readonly ToolId[] = Object.values(GUN_OF);
