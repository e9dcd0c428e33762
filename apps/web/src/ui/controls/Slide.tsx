import { Slider } from 'radix-ui';
import type { KeyboardEvent, PointerEvent } from 'react';

export interface SlideProps {
  readonly label: string;
  /** The value in words, for whoever hears the screen. */
  readonly says: string;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly value: number;
  /** Told while the thumb is moved. */
  readonly onMove: (value: number) => void;
  readonly onKeyDown?: (e: KeyboardEvent) => void;
  /** Whether what is left of the thumb is filled. */
  readonly filled?: boolean;
}

/**
 * A thumb on a track. Only the thumb moves it: a finger that scrolls the page over the track, up, down or from a tap
 * that meant something else, leaves it where it is.
 */
export function Slide(props: SlideProps) {
  const onlyTheThumb = (e: PointerEvent<HTMLElement>): void => {
    const { target } = e;
    if (target instanceof Element && target.closest('[role=slider]')) return;
    // The root would jump to wherever it is pressed.
    e.stopPropagation();
  };
  return (
    <div onPointerDownCapture={onlyTheThumb}>
      <Slider.Root
        className="relative flex h-12 touch-pan-y items-center select-none"
        min={props.least}
        max={props.most}
        step={props.step}
        value={[props.value]}
        onValueChange={([value = props.value]) => props.onMove(value)}
      >
        <Slider.Track className="track relative h-2 w-full grow bg-line">
          {props.filled && <Slider.Range className="track-filled absolute h-full bg-ink" />}
        </Slider.Track>
        <Slider.Thumb
          aria-label={props.label}
          aria-valuetext={props.says}
          className="thumb block size-11 touch-pan-y rounded-full border-4 border-ink bg-ground"
          {...(props.onKeyDown ? { onKeyDown: props.onKeyDown } : {})}
        />
      </Slider.Root>
    </div>
  );
}
