import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, LinearProgress, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Offer, OfferFigures } from '../api/types';
import { adoptOffer } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { Failed } from '../kit/States';
import { phraseText } from '../kit/units';
import { WhyFigure } from '../kit/Why';
import { Measure, Words } from '../kit/Words';
import { useOffers } from './useSimulation';

/** Other ways that this very repair suggests, beside the plan as it is; a press takes one over. */
export function Offers({ handle }: { handle: BenchHandle }) {
  const [asked, setAsked] = useState(false);
  const units = useUnits();
  const offers = useOffers(handle.bench.id, handle.document, asked);
  const take = (offer: Offer) => handle.change(adoptOffer(handle.document, offer, phraseText(offer.title, units)));
  return (
    <Box component="section" aria-label={t`Other ways`}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          <Trans>Other ways</Trans>
        </Typography>
        {!asked && (
          <Button variant="outlined" disabled={handle.document.repairs.length === 0} onClick={() => setAsked(true)}>
            <Trans>What else this repair suggests</Trans>
          </Button>
        )}
      </Stack>
      {!asked && (
        <Typography color="text.secondary">
          <Trans>
            The quickest way nobody sees, the other binder, the whole panel, isolating old paint: each sprayed in the
            model beside this plan.
          </Trans>
        </Typography>
      )}
      {asked && offers.isPending && <LinearProgress aria-label={t`Looking for other ways`} />}
      {offers.isError && <Failed error={offers.error} retry={() => void offers.refetch()} />}
      {offers.data !== undefined && asked && (
        <Stack sx={{ gap: 2, opacity: offers.isPlaceholderData ? 0.6 : 1 }}>
          <Row title={t`This plan`} figures={offers.data.now} />
          {offers.data.offers.map((offer) => (
            <Row
              key={offer.key}
              title={phraseText(offer.title, units)}
              figures={offer}
              offer={offer}
              onTake={() => take(offer)}
            />
          ))}
        </Stack>
      )}
    </Box>
  );
}

function Row({
  title,
  figures,
  offer,
  onTake,
}: {
  title: string;
  figures: OfferFigures;
  offer?: Offer;
  onTake?: () => void;
}) {
  return (
    <Box
      role="group"
      aria-label={title}
      sx={{
        pt: 1.5,
        borderTop: (theme) => `1px solid ${theme.tokens.line}`,
        display: 'flex',
        gap: 2,
        flexWrap: 'wrap',
      }}
    >
      <Box sx={{ flex: '1 1 340px', minWidth: 0 }}>
        <Typography variant="h3" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <SeverityMark
            severity={figures.severity === 'stop' ? 'stop' : figures.seen ? 'look-out' : 'note'}
            size={16}
          />
          {title}
        </Typography>
        {offer !== undefined && (
          <Typography color="text.secondary">
            <Words phrase={offer.why} />
          </Typography>
        )}
        <Typography>
          <Words phrase={figures.severity === 'stop' ? figures.verdict : figures.says} />{' '}
          {figures.need !== null && (
            <Trans>
              Needs <WhyFigure figure={figures.need} label={t`Need of ${title}`} />.
            </Trans>
          )}{' '}
          <Measure of={figures.minutes} />, <Measure of={figures.paint} />,{' '}
          {figures.panels === 1 ? t`one panel.` : t`${figures.panels} panels.`}
        </Typography>
      </Box>
      {onTake !== undefined && (
        <Button
          variant="outlined"
          aria-label={t`Take over: ${title}`}
          onClick={onTake}
          sx={{ alignSelf: 'flex-start' }}
        >
          <Trans>Take over</Trans>
        </Button>
      )}
    </Box>
  );
}
