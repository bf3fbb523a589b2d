/** Whether this browser has a camera that a page may ask for. */
export const hasCamera = (): boolean =>
	typeof navigator !== 'undefined' &&
	(navigator.mediaDevices as MediaDevices | undefined)?.getUserMedia !== undefined;

/**
 * Opens the camera that looks away from the person; nothing of it leaves the device.
 * @throws {DOMException} when it is forbidden, or there is none
 */
export const openCamera = (): Promise<MediaStream> =>
	navigator.mediaDevices.getUserMedia({
		audio: false,
		video: { facingMode: 'environment', width: { ideal: 1920 }, height: { ideal: 1080 } }
	});

/** Lets a camera go. */
export const closeCamera = (stream: MediaStream | undefined): void =>
	stream?.getTracks().forEach((track) => track.stop());

/** What a camera shows at this moment, as a picture file; nothing where it shows none yet. */
export function snapshot(video: HTMLVideoElement): Promise<Blob | undefined> {
	const canvas = document.createElement('canvas');
	canvas.width = video.videoWidth;
	canvas.height = video.videoHeight;
	if (canvas.width === 0) return Promise.resolve(undefined);
	canvas.getContext('2d')?.drawImage(video, 0, 0);
	return new Promise((resolve) =>
		canvas.toBlob((blob) => resolve(blob ?? undefined), 'image/jpeg', 0.95)
	);
}
