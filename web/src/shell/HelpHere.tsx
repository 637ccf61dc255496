import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { Link as RouterLink, useLocation } from 'react-router';
import { guideAt, guideOf } from '../kit/guide';
import { GuideText } from './GuideText';

/** Help for the place one is at; the tour and the pocket guide are one press away. */
export function HelpHere({ onClose, onTour }: { onClose: () => void; onTour: () => void }) {
  const { pathname } = useLocation();
  const page = guideOf(guideAt(pathname));
  if (page === undefined) {
    return null;
  }
  return (
    <Dialog open onClose={onClose} aria-labelledby="help-here">
      <DialogTitle id="help-here">{page.title}</DialogTitle>
      <DialogContent>
        <GuideText page={page} />
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap' }}>
        <Button
          onClick={() => {
            onClose();
            onTour();
          }}
        >
          <Trans>Two-minute tour</Trans>
        </Button>
        <Button component={RouterLink} to="/guide" onClick={onClose}>
          <Trans>Pocket guide</Trans>
        </Button>
        <Button variant="contained" onClick={onClose}>
          <Trans>Close</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
