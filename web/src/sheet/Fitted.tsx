import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';

interface Props {
  widthMm: number;
  heightMm: number;
  /** Changes when what is inside changes, so that it is fitted anew. */
  fitFor: string;
  /** Smaller than this it is not set: something has to go onto another page. */
  smallest?: number;
  onTooSmall?: () => void;
  children: ReactNode;
}

const STEP = 0.97;

/** Smaller than this nobody reads at the booth wall. */
const SMALLEST = 0.55;

/** Everything on the sheet matters, so a long plan is set smaller until it fits the page; nothing is cut off. */
export function Fitted({ widthMm, heightMm, fitFor, smallest = SMALLEST, onTooSmall, children }: Props) {
  const inner = useRef<HTMLDivElement>(null);
  const [fit, setFit] = useState({ zoom: 1, fitFor });
  const zoom = fit.fitFor === fitFor ? fit.zoom : 1;
  useLayoutEffect(() => {
    const element = inner.current;
    const measure = () => {
      if (element === null || element.scrollHeight <= element.clientHeight + 1) {
        return;
      }
      if (zoom > smallest) {
        setFit({ zoom: zoom * STEP, fitFor });
      } else {
        onTooSmall?.();
      }
    };
    measure();
    // The type arrives after the first paint and is wider than its stand-in.
    void document.fonts.ready.then(measure);
  }, [zoom, fitFor, smallest, onTooSmall]);
  return (
    <div ref={inner} style={{ zoom, width: `${widthMm / zoom}mm`, height: `${heightMm / zoom}mm`, overflow: 'hidden' }}>
      {children}
    </div>
  );
}
