import type { WebDriver } from 'selenium-webdriver';

/** How long each frame of the screen takes while a page is busy. */

/** Times between the frames of the screen from now on, until they are asked for. */
export function record(driver: WebDriver): Promise<unknown> {
  return driver.executeScript(`
    window.frameTimes = [];
    let last = performance.now();
    window.isRecording = true;
    const next = now => {
      window.frameTimes.push(now - last);
      last = now;
      if (window.isRecording) requestAnimationFrame(next);
    };
    requestAnimationFrame(next);`);
}

/** In milliseconds; the first two belong to the recording itself. */
export function recorded(driver: WebDriver): Promise<number[]> {
  return driver.executeScript('window.isRecording = false; return window.frameTimes.slice(2);');
}

/** Prints a line about some frames. @returns the share within the limit */
export function report(name: string, times: readonly number[], allowedMs: number): number {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => (sorted[Math.floor(share * (sorted.length - 1))] ?? NaN).toFixed(1);
  const within = times.filter(t => t <= allowedMs).length / times.length;
  console.log(
    `${name}: ${times.length} frames, median ${at(0.5)} ms, 95 % below ${at(0.95)} ms, longest ${at(1)} ms, ${(within * 100).toFixed(1)} % within ${allowedMs} ms`,
  );
  return within;
}
