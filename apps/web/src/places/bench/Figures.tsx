import { chakra } from '@chakra-ui/react';
import {
  finishedSize,
  mustsOf,
  printedLength,
  pictureSize,
  wordObstacle,
  wordShare,
  wordSize,
  type Deliverable,
  type FilePlan,
  type PixelSize,
} from '@able-frame/core';

interface Props {
  plan: FilePlan;
  source: PixelSize;
  deliverable: Deliverable;
}

/** What the frame costs, said while it moves. */
export function Figures({ plan, source, deliverable }: Props) {
  if (plan.state === 'cannot')
    return (
      <chakra.p color="broken" fontWeight="600">
        {wordObstacle(plan.obstacle)}
      </chakra.p>
    );
  const { job, scale } = plan;
  const { crop, geometry, canvas } = job;
  const picture = pictureSize(source, geometry);
  const file = finishedSize(job);
  const print = mustsOf(deliverable, 'print-size')[0];
  const lost = [
    ['left', crop.leftPx / picture.widthPx],
    ['right', 1 - (crop.leftPx + crop.widthPx) / picture.widthPx],
    ['above', crop.topPx / picture.heightPx],
    ['below', 1 - (crop.topPx + crop.heightPx) / picture.heightPx],
  ] as const;
  const shownLost = geometry.levelDeg === 0 ? lost.filter(([, share]) => share > 0.0005) : [];
  return (
    <chakra.dl
      css={{
        display: 'grid',
        gridTemplateColumns: 'auto 1fr',
        gap: '3px 14px',
        '& dt': { color: 'inkSoft' },
        '& dd': { margin: 0, fontFamily: 'measure', fontSize: 'measure', textAlign: 'right' },
      }}
    >
      <dt>The file</dt>
      <dd>{wordSize(file.widthPx, file.heightPx)}</dd>
      {geometry.square && (
        <>
          <dt>Squared up</dt>
          <dd>{wordSize(picture.widthPx, picture.heightPx)}</dd>
        </>
      )}
      <dt>Picture kept</dt>
      <dd>{wordSize(Math.round(crop.widthPx), Math.round(crop.heightPx))}</dd>
      <dt>Lost</dt>
      <dd>{plan.lostShare < 0.0005 ? 'nothing' : wordShare(plan.lostShare)}</dd>
      {shownLost.map(([side, share]) => (
        <chakra.div key={side} display="contents">
          <chakra.dt paddingLeft="14px">{side}</chakra.dt>
          <dd>{wordShare(share)}</dd>
        </chakra.div>
      ))}
      <dt>Scale</dt>
      <dd>
        {scale > 1.0005 ? `enlarged ${scale.toFixed(2)} times: soft` : `reduced to ${wordShare(scale)}`}
      </dd>
      {canvas && (
        <>
          <dt>Canvas added</dt>
          <dd>
            {wordShare(1 - (job.target.widthPx * job.target.heightPx) / (canvas.widthPx * canvas.heightPx))}
          </dd>
        </>
      )}
      {print && (
        <>
          <dt>On paper</dt>
          <dd>
            {[file.widthPx, file.heightPx]
              .map(px => printedLength(px, print.unit, print.ppi).toFixed(1))
              .join(' × ')}{' '}
            {print.unit}
          </dd>
        </>
      )}
    </chakra.dl>
  );
}
