import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import type { AngleColour } from '../api/types';

const labText = (c: AngleColour): string =>
  `${c.angle}°: L* ${c.lab[0]?.toFixed(1)}, a* ${c.lab[1]?.toFixed(1)}, b* ${c.lab[2]?.toFixed(1)}`;

/** A strip from face to flop, one segment for each angle. The one place where paint colours are drawn. */
export function Strip({ colours, label, height }: { colours: readonly AngleColour[]; label: string; height: number }) {
  return (
    <Box role="img" aria-label={`${label}. ${colours.map(labText).join('; ')}`} sx={{ display: 'flex', height }}>
      {colours.map((c) => (
        <Box
          key={c.angle}
          title={labText(c)}
          sx={{ flexGrow: 1, flexBasis: 0, backgroundColor: c.hex, printColorAdjust: 'exact' }}
        />
      ))}
    </Box>
  );
}

/** The car's strip with the card's laid against it, edge to edge, on the grey that paint is judged on. */
export function Ribbon({
  car,
  card,
  carName,
  cardName,
  note,
}: {
  car: readonly AngleColour[] | null;
  card: readonly AngleColour[] | null;
  carName: string;
  cardName: string;
  note: string;
}) {
  const shown =
    car !== null && card !== null ? car.filter((a) => card.some((b) => b.angle === a.angle)) : (car ?? card ?? []);
  const matching = (of: readonly AngleColour[]) => of.filter((c) => shown.some((s) => s.angle === c.angle));
  return (
    <Box
      component="figure"
      sx={{ m: 0, p: { xs: 1.5, md: 2.5 }, backgroundColor: (t) => t.tokens.plate, color: (t) => t.tokens.plateInk }}
    >
      <Box sx={{ display: 'flex', mb: 0.75 }} aria-hidden="true">
        {shown.map((c, i) => (
          <Typography key={c.angle} variant="body2" sx={{ flexGrow: 1, flexBasis: 0, textAlign: 'center' }}>
            {shown.length > 1 && i === 0 && (
              <strong>
                <Trans>face </Trans>
              </strong>
            )}
            {c.angle}°
            {shown.length > 1 && i === shown.length - 1 && (
              <strong>
                <Trans> flop</Trans>
              </strong>
            )}
          </Typography>
        ))}
      </Box>
      {car !== null && <Strip colours={matching(car)} label={carName} height={card === null ? 120 : 66} />}
      {card !== null && <Strip colours={matching(card)} label={cardName} height={car === null ? 120 : 66} />}
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, mt: 0.75, flexWrap: 'wrap' }}>
        <Typography variant="body2">
          <strong>
            {car !== null ? t`Above: ${carName.toLowerCase()}` : ''}
            {car !== null && card !== null ? '. ' : ''}
            {card !== null ? `${car !== null ? t`Below: ` : ''}${cardName}` : ''}
          </strong>
        </Typography>
        <Typography component="figcaption" variant="body2">
          {note}
        </Typography>
      </Box>
      <Box sx={visuallyHidden}>
        <Trans>Colours are data, see the table of readings.</Trans>
      </Box>
    </Box>
  );
}
