import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import { Failed, Loading } from '../kit/States';
import { Paper } from '../kit/Paper';
import { useCalibration } from './useCalibration';

/** One side of a card of the hiding test, mm: room for four coats, each a spray-out wide. */
const CARD = { width: 180, height: 110 };

/** Test cards to print, to scale: black and white for hiding, a ruler to check the printer by, and the five fades. */
export function CardsPage() {
  const state = useCalibration();
  if (state.isError) {
    return <Failed error={state.error} retry={() => void state.refetch()} />;
  }
  if (state.data === undefined) {
    return <Loading what={t`the cards`} />;
  }
  const { sheet, greyL } = state.data;
  return (
    <Paper margin="12mm" back="/calibration" backWords={t`Back to the tests`} title={t`Test cards`}>
      <title>{t`Test cards, Kalopsis`}</title>
      <Box sx={{ '& svg': { display: 'block', mb: '6mm' }, '& h2': { mb: '2mm' } }}>
        <Typography variant="h2">
          <Trans>Check the printer first</Trans>
        </Typography>
        <Typography variant="body2">
          <Trans>
            This line is 150 mm long (5.91 in). Print at 100 %, without fitting to the page; if it measures otherwise,
            the fades are wrong.
          </Trans>
        </Typography>
        <svg width="152mm" height="9mm" viewBox="0 0 152 9" role="img" aria-label={t`A line of 150 mm`}>
          <path d="M1 4H151M1 1v6M151 1v6" stroke="#000" strokeWidth="0.3" />
          {Array.from({ length: 14 }, (_, i) => (
            <path key={i} d={`M${11 + 10 * i} 3v2`} stroke="#000" strokeWidth="0.2" />
          ))}
        </svg>
        <Typography variant="h2">
          <Trans>Hiding card</Trans>
        </Typography>
        <Typography variant="body2">
          <Trans>
            Laminate or clear it, then mask off a strip after each coat. Bought contrast cards are blacker and whiter
            than printed ones: readings should come from those.
          </Trans>
        </Typography>
        <svg
          width={`${CARD.width}mm`}
          height={`${CARD.height}mm`}
          viewBox={`0 0 ${CARD.width} ${CARD.height}`}
          role="img"
          aria-label={t`Black and white card with four strips and a hiding sticker`}
        >
          <path d="M0.2 0.2h90v109.6h-90z" fill="#000" stroke="#000" strokeWidth="0.2" />
          <path d="M90.2 0.2h89.6v109.6H90.2z" fill="#fff" stroke="#000" strokeWidth="0.2" />
          {[1, 2, 3].map((n) => (
            <path key={n} d={`M0 ${22 * n}H180`} stroke="#888" strokeWidth="0.2" strokeDasharray="2 2" />
          ))}
          {[0, 1, 2, 3].map((n) => (
            <text key={n} x="176" y={14 + 22 * n} fontSize="6" textAnchor="end">
              {n}
            </text>
          ))}
          {[0, 1, 2, 3, 4, 5].map((i) => (
            <path
              key={i}
              d={`M${60 + 10 * i} 92h10v12h-10z`}
              fill={i % 2 === 0 ? '#000' : '#fff'}
              stroke="#888"
              strokeWidth="0.1"
            />
          ))}
          <text x="176" y="100" fontSize="4" textAnchor="end">
            {t`hiding sticker: cut out`}
          </text>
        </svg>
        <Box sx={{ breakBefore: 'page' }} />
        <Typography variant="h2">
          <Trans>Sheet of fades</Trans>
        </Typography>
        <Typography variant="body2">
          <Trans>
            Hang it where you judge cars and stand where you judge them from. Which of them do you see? Most office
            printers cannot hold steps this small: where strip 5 shows bands, spray the fades instead, each lighter at
            the left end, faded out over its middle third.
          </Trans>
        </Typography>
        {sheet.map((fade, i) => (
          <svg
            key={fade.dL}
            width="180mm"
            height="30mm"
            viewBox="0 0 180 30"
            role="img"
            aria-label={t`Fade ${i + 1}`}
            style={{ marginBottom: '2mm' }}
          >
            <defs>
              <linearGradient id={`fade-${i}`} gradientUnits="userSpaceOnUse" x1={60} x2={60 + fade.widthMm}>
                <stop stopColor={`lab(${greyL + fade.dL} 0 0)`} />
                <stop offset="1" stopColor={`lab(${greyL} 0 0)`} />
              </linearGradient>
            </defs>
            <path d="M0 0h180v26H0z" fill={`url(#fade-${i})`} />
            <text x="0" y="29" fontSize="3.5">
              {t`${i + 1}: L* ${greyL} and ${fade.dL.toFixed(1)} more, over ${fade.widthMm} mm`}
            </text>
          </svg>
        ))}
        <Box sx={{ breakBefore: 'page' }} />
        <Typography variant="h2">
          <Trans>Fade panel</Trans>
        </Typography>
        <Typography variant="body2">
          <Trans>
            Lay this beside the panel: the fade begins at 0; read at every mark, once with a bed and once without.
          </Trans>
        </Typography>
        <svg width="180mm" height="60mm" viewBox="0 0 180 60" role="img" aria-label={t`Ruler with a mark every 50 mm`}>
          <path d="M5 20H175" stroke="#000" strokeWidth="0.3" />
          {[0, 50, 100, 150].map((mm) => (
            <g key={mm}>
              <path d={`M${5 + mm} 12v16`} stroke="#000" strokeWidth="0.4" />
              <text x={5 + mm} y="36" fontSize="6" textAnchor="middle">
                {mm}
              </text>
              <circle cx={5 + mm} cy="48" r="6" fill="none" stroke="#000" strokeWidth="0.2" />
            </g>
          ))}
        </svg>
      </Box>
    </Paper>
  );
}
