import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, ToggleButton, ToggleButtonGroup, Typography, useTheme } from '@mui/material';
import { useState } from 'react';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { Choice } from './Choice';
import { filled, num, systems, type FormProps } from './form';
import { PlainField } from '../kit/PlainField';
import { TakeIn } from './TakeIn';

const COATS = [1, 2, 3, 4];

/** Readings over black and over white after so many coats, or the coats until the edge had gone. */
export function HidingCardForm({ shelf, busy, fault, onTake }: FormProps) {
  const [colour, setColour] = useState(shelf.colours[0]?.name ?? '');
  const [system, setSystem] = useState(shelf.paintSystems[0]?.key ?? '');
  const [how, setHow] = useState<'read' | 'counted'>('read');
  const [coatUm, setCoatUm] = useState<number | null>(null);
  const [cells, setCells] = useState<Record<string, string>>({});
  const [gone, setGone] = useState('');
  const chosen = shelf.colours.find((c) => c.name === colour);
  const rows = COATS.filter((n) => filled(cells[`${n}b`] ?? '') || filled(cells[`${n}w`] ?? ''));
  const set = (key: string) => (typed: string) => setCells((old) => ({ ...old, [key]: typed }));
  const take = () =>
    onTake({
      kind: 'hiding-card',
      colour: { name: chosen?.name ?? '', code: chosen?.code ?? '', finish: chosen?.finish ?? '' },
      paintSystem: system,
      ...(coatUm === null ? {} : { coatUm }),
      ...(how === 'read'
        ? {
            readings: rows.map((n) => ({
              coats: n,
              black: num(cells[`${n}b`] ?? ''),
              white: num(cells[`${n}w`] ?? ''),
            })),
          }
        : { gone: num(gone) }),
    });
  return (
    <Stack sx={{ gap: 2 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        <Choice
          label={t`Colour`}
          value={colour}
          options={shelf.colours.map((c) => ({ key: c.name, name: c.name }))}
          onChange={setColour}
          error={fault('colour.name')}
        />
        <Choice
          label={t`Paint system`}
          value={system}
          options={systems(shelf)}
          onChange={setSystem}
          error={fault('paintSystem')}
        />
        <MaybeQuantity
          label={t`Dry film of one coat`}
          value={coatUm}
          unit="um"
          error={fault('coatUm')}
          onCommit={setCoatUm}
          width={190}
        />
      </Stack>
      <Typography variant="body2" color="text.secondary">
        <Trans>
          Only the base below its clear. Left empty, the data sheet’s film is taken, and the card counts for less.
        </Trans>
      </Typography>
      <ToggleButtonGroup
        exclusive
        value={how}
        aria-label={t`How it was judged`}
        onChange={(_, next: 'read' | 'counted' | null) => next !== null && setHow(next)}
      >
        <ToggleButton value="read">
          <Trans>Read with an instrument</Trans>
        </ToggleButton>
        <ToggleButton value="counted">
          <Trans>Coats counted</Trans>
        </ToggleButton>
      </ToggleButtonGroup>
      {how === 'counted' ? (
        <PlainField
          label={t`Coats until the edge had gone`}
          value={gone}
          onChange={setGone}
          error={fault('gone')}
          width={240}
        />
      ) : (
        <Stack direction="row" sx={{ gap: 3, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          <Box
            role="group"
            aria-label={t`Readings, Y`}
            sx={{
              display: 'grid',
              gridTemplateColumns: 'auto auto auto',
              columnGap: 1,
              rowGap: 0.5,
              alignItems: 'center',
            }}
          >
            <Typography variant="body2">
              <Trans>Coats</Trans>
            </Typography>
            <Typography variant="body2">
              <Trans>Y over black</Trans>
            </Typography>
            <Typography variant="body2">
              <Trans>Y over white</Trans>
            </Typography>
            {COATS.map((n) => (
              <Row
                key={n}
                coats={n}
                black={cells[`${n}b`] ?? ''}
                white={cells[`${n}w`] ?? ''}
                fault={(field) => fault(`readings.${rows.indexOf(n)}.${field}`)}
                onBlack={set(`${n}b`)}
                onWhite={set(`${n}w`)}
              />
            ))}
          </Box>
          <Card cells={cells} />
        </Stack>
      )}
      {fault('readings') !== undefined && <Typography color="error">{fault('readings')}</Typography>}
      <TakeIn busy={busy} onPress={take} />
    </Stack>
  );
}

function Row({
  coats,
  black,
  white,
  fault,
  onBlack,
  onWhite,
}: {
  coats: number;
  black: string;
  white: string;
  fault: (field: string) => string | undefined;
  onBlack: (typed: string) => void;
  onWhite: (typed: string) => void;
}) {
  return (
    <>
      <Typography>{coats}</Typography>
      <PlainField of={t`Y over black, coats: ${coats}`} value={black} onChange={onBlack} error={fault('black')} />
      <PlainField of={t`Y over white, coats: ${coats}`} value={white} onChange={onWhite} error={fault('white')} />
    </>
  );
}

/** The card as its readings say it looks: bare at the top, each coat below. Grey of the same Y; L* by CIE 1976. */
function Card({ cells }: { cells: Record<string, string> }) {
  const { tokens } = useTheme();
  const grey = (y: number) => `lab(${y > 0.8856 ? 116 * Math.cbrt(y / 100) - 16 : 9.033 * y} 0 0)`;
  const of = (key: string, bare: number) => grey(num(cells[key] ?? '') ?? bare);
  const rows: [number, string, string][] = [[0, grey(0.5), grey(80)]];
  for (const n of COATS) {
    if (num(cells[`${n}b`] ?? '') !== null && num(cells[`${n}w`] ?? '') !== null) {
      rows.push([n, of(`${n}b`, 0.5), of(`${n}w`, 80)]);
    }
  }
  return (
    <svg viewBox={`0 0 130 ${26 * rows.length + 2}`} width="180" role="img" aria-label={t`The card as it was read`}>
      {rows.map(([n, black, white], i) => (
        <g key={n}>
          <path d={`M18 ${1 + 26 * i}h55v26h-55z`} fill={black} />
          <path d={`M73 ${1 + 26 * i}h55v26h-55z`} fill={white} />
          <text x="2" y={18 + 26 * i} fontSize="11" fill={tokens.inkSoft}>
            {n}
          </text>
        </g>
      ))}
      <path d={`M18 1h110v${26 * rows.length}h-110z`} fill="none" stroke={tokens.line} />
    </svg>
  );
}
