/**
 * Recordings that were chosen while this page is open, by the run that they were laid along: a browser
 * keeps no way back to a file, and a copy of an hour of film would fill it.
 */
const chosen = new Map<string, File>();

export const keepRecording = (runId: string, file: File): void => void chosen.set(runId, file);
export const recordingOf = (runId: string): File | null => chosen.get(runId) ?? null;

/** How long a sound or a film lasts, in seconds. Rejects where the browser can't play it. */
export function secondsOf(file: File): Promise<number> {
  return new Promise((resolve, reject) => {
    const media = document.createElement(file.type.startsWith('audio') ? 'audio' : 'video');
    const address = URL.createObjectURL(file);
    const end = (settle: () => void) => {
      URL.revokeObjectURL(address);
      settle();
    };
    media.preload = 'metadata';
    media.onloadedmetadata = () => {
      if (Number.isFinite(media.duration)) {
        end(() => resolve(media.duration));
        return;
      }
      // Recordings of a browser don't say how long they are until somebody goes to their end.
      media.ondurationchange = () => {
        if (Number.isFinite(media.duration)) end(() => resolve(media.duration));
      };
      media.currentTime = 1e6;
    };
    media.onerror = () => end(() => reject(new Error('It can’t be played in this browser.')));
    media.src = address;
  });
}
