import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { BodyShape, JobPlan } from '../api/types';
import { Why, WhyFigure } from '../kit/Why';
import { Measure } from '../kit/Words';
import { tell } from '../language/tell';

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section">
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={title}>
        {children}
      </Box>
    </Box>
  );
}

export function PanelTable({ plan }: { plan: JobPlan }) {
  return (
    <Section title={t`Panels that take part`}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Panel</Trans>
            </TableCell>
            <TableCell>
              <Trans>What happens</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Panel</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Takes colour</Trans>
            </TableCell>
            <TableCell>
              <Trans>Clear</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {plan.panels.map((p) => (
            <TableRow key={p.id}>
              <TableCell>{p.name}</TableCell>
              <TableCell>
                <Why reasons={[p.why]} label={p.name}>
                  {tell(p.roleWords)}
                </Why>
              </TableCell>
              <TableCell align="right">
                <WhyFigure figure={p.area} label={t`Area of ${p.name}`} />
              </TableCell>
              <TableCell align="right">
                <WhyFigure figure={p.coloured} label={t`Colour on ${p.name}`} />
              </TableCell>
              <TableCell>
                <Trans>whole panel</Trans>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Section>
  );
}

export function ZoneTable({ plan, body }: { plan: JobPlan; body: BodyShape }) {
  const name = (id: string) => body.panels.find((p) => p.id === id)?.name ?? id;
  return (
    <Section title={t`Zones, from the damage outwards`}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Zone</Trans>
            </TableCell>
            <TableCell>
              <Trans>Panel</Trans>
            </TableCell>
            <TableCell>
              <Trans>What happens there</Trans>
            </TableCell>
            <TableCell>
              <Trans>Preparation</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Out to here</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {plan.zones.map((z, i) => (
            <TableRow key={`${z.kind}${z.panel}${i}`}>
              <TableCell>{tell(z.words)}</TableCell>
              <TableCell>{name(z.panel)}</TableCell>
              <TableCell>{tell(z.what)}</TableCell>
              <TableCell>{tell(z.preparation)}</TableCell>
              <TableCell align="right">
                <WhyFigure figure={z.area} label={`${tell(z.words)}, ${name(z.panel)}`} />
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Section>
  );
}

export function CoatTable({ plan }: { plan: JobPlan }) {
  return (
    <Section title={t`Coats in spraying order`}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Coat</Trans>
            </TableCell>
            <TableCell>
              <Trans>In the gun</Trans>
            </TableCell>
            <TableCell>
              <Trans>Reach</Trans>
            </TableCell>
            <TableCell>
              <Trans>Pressure</Trans>
            </TableCell>
            <TableCell>
              <Trans>Distance</Trans>
            </TableCell>
            <TableCell>
              <Trans>Overlap</Trans>
            </TableCell>
            <TableCell>
              <Trans>Area</Trans>
            </TableCell>
            <TableCell>
              <Trans>Then</Trans>
            </TableCell>
            <TableCell>
              <Trans>Purpose</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {plan.coats.map((c) => (
            <TableRow key={c.id}>
              <TableCell>{c.name}</TableCell>
              <TableCell>{c.mixture}</TableCell>
              <TableCell>
                {c.reach === null ? t`whole panel` : <WhyFigure figure={c.reach} label={t`Reach of ${c.name}`} />}
              </TableCell>
              <TableCell>
                <Measure of={c.gun.pressure} />
              </TableCell>
              <TableCell>
                <Measure of={c.gun.distance} />
              </TableCell>
              <TableCell>
                <Measure of={c.gun.overlap} />
              </TableCell>
              <TableCell>
                <WhyFigure figure={c.area} label={t`Area of ${c.name}`} />
              </TableCell>
              <TableCell>
                <Trans>
                  {tell(c.drying)}, about <Measure of={c.wait} />
                </Trans>
              </TableCell>
              <TableCell>{tell(c.purpose)}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Section>
  );
}
