import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import { useShelf } from '../api/queries';
import { GUIDE } from '../kit/guide';
import { Paper } from '../kit/Paper';
import { useUnits } from '../kit/preferences';
import { SchoolPicture } from '../kit/SchoolPicture';
import { Failed, Loading } from '../kit/States';
import { formatQuantity } from '../kit/units';
import { tell } from '../language/tell';

/** The shop's own pocket guide: its schools as pictures, what its sheets ask, and what to do at each place. To print and fold. */
export function PocketGuide() {
  const shelf = useShelf();
  const units = useUnits();
  if (shelf.isError) {
    return <Failed error={shelf.error} retry={() => void shelf.refetch()} />;
  }
  if (shelf.data === undefined) {
    return <Loading what={t`the guide`} />;
  }
  const { schools, paintSystems } = shelf.data;
  return (
    <Paper margin="12mm" back="/" backWords={t`Back to Today`} title={t`Pocket guide`}>
      <title>{t`Pocket guide, Kalopsis`}</title>
      <Box sx={{ maxWidth: 900, '& section': { breakInside: 'avoid', mb: 2 } }}>
        <Typography variant="h2">
          <Trans>Ways to spray</Trans>
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))', gap: 2, mb: 3 }}>
          {schools.map((school) => (
            <Box component="section" key={school.key}>
              <Typography sx={{ fontWeight: 680 }}>{tell(school.name)}</Typography>
              <SchoolPicture coats={school.coats} />
              <Typography variant="body2">{tell(school.how)}</Typography>
            </Box>
          ))}
        </Box>
        {paintSystems.map((system) => (
          <Box component="section" key={system.key}>
            <Typography variant="h2">{system.name}</Typography>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {system.products.map((product) => (
                <li key={product.role}>
                  <Typography variant="body2">
                    {product.name}: {product.ratio}, {formatQuantity(product.dryFilm, units)}
                  </Typography>
                </li>
              ))}
            </Box>
          </Box>
        ))}
        <Typography variant="h2">
          <Trans>Place by place</Trans>
        </Typography>
        {GUIDE.map((page) => (
          <Box component="section" key={page.key}>
            <Typography variant="h3">{page.title}</Typography>
            <Typography variant="body2">{page.what}</Typography>
            <Typography variant="body2">{page.why}</Typography>
            <Typography variant="body2" sx={{ fontWeight: 560 }}>
              {page.how}
            </Typography>
          </Box>
        ))}
        <Typography variant="body2" sx={{ borderTop: '1px solid #000', pt: 1 }}>
          <Trans>
            Kalopsis is a planning aid. Data sheets, safety data sheets, local rules and trained people decide. Two-pack
            paint: air-fed mask, gloves, suit, extraction; read the safety data sheet before the can is opened.
          </Trans>
        </Typography>
      </Box>
    </Paper>
  );
}
