import { CLAMP_ON, PIECES, type ClampOn, type PieceKind } from '@core/data/orderIds';
import { pieceKindOf } from '@core/field';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { JobField } from '@/ui/JobField';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { pieceTraits } from '@core/data/pieces';

/** What is before the welder: kind of piece and its sizes; all of them are drawn and can be dragged above. */
export function PieceCard({ open }: { open: OpenJob }) {
  const { job, set, system } = open;
  const { blow, tacks } = open.assessment.situation;
  const say = inWords(system).size;
  const kind = pieceKindOf(job);
  const { piece } = blow ?? {};
  const about = (mm: number | undefined) => (mm === undefined ? undefined : `blank: ${say(Math.round(mm))}`);
  return (
    <Card testID="piece">
      <Pick
        label="What is before you"
        testID="piece"
        folds
        options={optionsOf(PIECES)}
        value={job.order.piece}
        proposed={kind}
        onPick={(id: PieceKind | null) => set('order.piece', id, 'Piece')}
      />
      {pieceTraits(kind).cornered ? (
        <>
          <JobField open={open} path="order.frameLong_mm" title="Frame" proposed={about(piece?.length_mm)} />
          <JobField open={open} path="order.frameWide_mm" title="Frame" proposed={about(piece?.width_mm)} />
          <JobField open={open} path="order.tube_mm" title="Tube" proposed={about(piece?.tube_mm)} />
          <Words as="small" tone="quiet">
            The weld length at Joint is that of all four corners together.
          </Words>
        </>
      ) : (
        <>
          {!pieceTraits(kind).rolled && (
            <JobField
              open={open}
              path="heat.pieceLength_mm"
              title="Piece"
              proposed={about(piece?.length_mm)}
            />
          )}
          <JobField open={open} path="heat.pieceWidth_mm" title="Piece" proposed={about(piece?.width_mm)} />
          {!pieceTraits(kind).rolled && (
            <JobField
              open={open}
              path="order.seamSide_mm"
              title="Seam"
              proposed={about(piece ? piece.width_mm / 2 : undefined)}
            />
          )}
        </>
      )}
      {pieceTraits(kind).joins !== null && (
        <JobField
          open={open}
          path="order.tackEvery_mm"
          title="Tacks"
          proposed={`blank: ${say(Math.round(tacks.every_mm))}, and one at each end`}
        />
      )}
      {pieceTraits(kind).joins === 'upright' && (
        <>
          <JobField open={open} path="order.web_mm" title="Upright" proposed={about(piece?.web_mm)} />
          <Pick
            label="The clamp sits"
            testID="clamp-on"
            options={optionsOf(CLAMP_ON)}
            value={job.order.clampOn}
            proposed="flat"
            onPick={(id: ClampOn | null) => set('order.clampOn', id, 'Clamp')}
          />
        </>
      )}
    </Card>
  );
}
