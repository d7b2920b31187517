import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { LeadId } from '@core/data/orderIds';
import type { BlowPiece } from '@core/field';
import { usePalette } from '@/ui/theme/theme';
import { CORNER, SPACE, STROKE, TARGET, type Palette } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { fieldX, SLOT_px, TRAY_px, type Tray } from './tray';
import type { Moved } from './moves';

/** Pressed, the lead goes on to the next. */
/** How the lead leaves its clamp, on the tray. */
const LEAD_SAYS: Readonly<Record<LeadId, string>> = {
  flat: 'lead lies',
  up: 'lead up',
  down: 'lead down',
};
const NEXT_LEAD: Readonly<Record<LeadId, LeadId>> = { flat: 'up', up: 'down', down: 'flat' };

interface Props {
  tray: Tray;
  piece: BlowPiece;
  width: number;
  onMove: (moved: Moved) => void;
}

/** The tray under the piece: what is pressed, the scale of the field, and what each thing is. What is dragged out of it lies over it. */
export function TrayThings({ tray, piece, width, onMove }: Props) {
  const palette = usePalette();
  const { field } = tray;
  const [from, to] = [fieldX(tray, -field.most_G), fieldX(tray, field.most_G)];
  const second = piece.clamps.length > 1;
  return (
    <>
      <View style={{ position: 'absolute', top: tray.y - TARGET / 2, pointerEvents: 'none' }}>
        <Svg width={width} height={TARGET}>
          <Line
            x1={from}
            x2={to}
            y1={TARGET / 2}
            y2={TARGET / 2}
            stroke={palette.ink2}
            strokeWidth={STROKE}
          />
          {[from, field.x, to].map((x) => (
            <Line
              key={x}
              x1={x}
              x2={x}
              y1={TARGET / 2 - 7}
              y2={TARGET / 2 + 7}
              stroke={palette.ink2}
              strokeWidth={STROKE}
            />
          ))}
        </Svg>
      </View>
      {tray.slots.map(({ what, x }) => {
        switch (what) {
          case 'clamp':
            return (
              <Slot key={what} x={x} tray={tray} says={second ? 'take C2 off' : '2nd clamp'}>
                <View style={boxOf(palette, second)} />
              </Slot>
            );
          case 'tabs':
            return (
              <Slot key={what} x={x} tray={tray} says={piece.tabs ? 'tabs on' : 'no run-off tabs'}>
                <Thing
                  testID="tray-tabs"
                  label={`Run-off tabs at both ends of the weld: ${piece.tabs ? 'on' : 'off'}.`}
                  on={piece.tabs}
                  onPress={() => onMove({ what: 'tabs', on: !piece.tabs })}
                >
                  <TabsMark colour={palette.ink} />
                </Thing>
              </Slot>
            );
          case 'lead':
            return (
              <Slot key={what} x={x} tray={tray} says={LEAD_SAYS[piece.lead]}>
                <Thing
                  testID="tray-lead"
                  label={`The work lead leaves the clamp ${piece.lead}. Press for ${NEXT_LEAD[piece.lead]}.`}
                  on={piece.lead !== 'flat'}
                  onPress={() => onMove({ what: 'lead', lead: NEXT_LEAD[piece.lead] })}
                >
                  <G transform={`translate(${TARGET / 2 + (piece.lead === 'flat' ? 15 : 24)} ${TARGET / 2})`}>
                    <LeadMark lead={piece.lead} />
                  </G>
                </Thing>
              </Slot>
            );
        }
      })}
    </>
  );
}

/** One place in the tray, with what lies there said under it. */
function Slot({ x, tray, says, children }: { x: number; tray: Tray; says: string; children?: ReactNode }) {
  return (
    <View
      style={{
        position: 'absolute',
        left: x - SLOT_px / 2,
        top: tray.y - TARGET / 2,
        width: SLOT_px,
        height: TRAY_px,
        alignItems: 'center',
        pointerEvents: 'box-none',
      }}
    >
      <View style={{ height: TARGET }}>{children}</View>
      <Words as="label" tone="quiet" style={{ textAlign: 'center' }}>
        {says}
      </Words>
    </View>
  );
}

/** What something lies in; what is on the piece has a heavier edge. */
const boxOf = (palette: Palette, on: boolean) => ({
  width: TARGET,
  height: TARGET,
  borderRadius: CORNER,
  borderWidth: on ? 3 : STROKE,
  borderColor: on ? palette.act : palette.line,
  backgroundColor: palette.sunk,
});

interface ThingProps {
  testID: string;
  label: string;
  on: boolean;
  onPress: () => void;
  children: ReactNode;
}

/** Something in the tray that is pressed. */
function Thing({ testID, label, on, onPress, children }: ThingProps) {
  const palette = usePalette();
  return (
    <Pressable testID={testID} role="button" aria-label={label} onPress={onPress} style={boxOf(palette, on)}>
      <View style={[StyleSheet.absoluteFill, { margin: on ? -3 : -STROKE }]}>
        <Svg width={TARGET} height={TARGET}>
          {children}
        </Svg>
      </View>
    </Pressable>
  );
}

/** A weld with a tab at each of its ends. */
function TabsMark({ colour }: { colour: string }) {
  const middle = TARGET / 2;
  return (
    <G>
      <Line x1={19} x2={TARGET - 19} y1={middle} y2={middle} stroke={colour} strokeWidth={4} />
      {[7, TARGET - 17].map((x) => (
        <Rect
          key={x}
          x={x}
          y={middle - 8}
          width={10}
          height={16}
          stroke={colour}
          strokeWidth={2}
          fill="none"
        />
      ))}
    </G>
  );
}

/** How the lead leaves a clamp that sits at 0, 0: flat to the edge, or on end as a ring with a point (up) or a cross (down). */
export function LeadMark({ lead }: { lead: LeadId }) {
  const palette = usePalette();
  if (lead === 'flat')
    return <Path d="M 0 0 q -26 4 -34 -12" stroke={palette.ink} strokeWidth={4} fill="none" />;
  return (
    <G>
      <Circle cx={-24} cy={0} r={8} stroke={palette.ink} strokeWidth={2} fill={palette.surface} />
      {lead === 'up' ? (
        <Circle cx={-24} cy={0} r={3} fill={palette.ink} />
      ) : (
        <Path d="M -28 -4 l 8 8 m 0 -8 l -8 8" stroke={palette.ink} strokeWidth={2} fill="none" />
      )}
    </G>
  );
}

/** The handle on the scale of the field: an arrow the way it goes. */
export function FieldMark({ gauss }: { gauss: number }) {
  const palette = usePalette();
  return (
    <Svg width={34} height={34}>
      <Circle cx={17} cy={17} r={15} fill={palette.surface} stroke={palette.ink} strokeWidth={2} />
      {gauss === 0 ? (
        <Circle cx={17} cy={17} r={3} fill={palette.ink} />
      ) : (
        <Path
          d={gauss > 0 ? 'M 8 17 h 10 m -1 -7 l 9 7 l -9 7 Z' : 'M 26 17 h -10 m 1 -7 l -9 7 l 9 7 Z'}
          stroke={palette.ink}
          strokeWidth={3}
          fill={palette.ink}
        />
      )}
    </Svg>
  );
}

/** What the scale of the field says, under it. */
export function FieldWords({ tray, says }: { tray: Tray; says: string }) {
  return (
    <View
      style={{
        position: 'absolute',
        left: fieldX(tray, -tray.field.most_G) - SPACE.l,
        right: 0,
        top: tray.y + TARGET / 2,
        alignItems: 'center',
        pointerEvents: 'none',
      }}
    >
      <Words as="label" tone="quiet" testID="field-before">
        {says}
      </Words>
    </View>
  );
}
