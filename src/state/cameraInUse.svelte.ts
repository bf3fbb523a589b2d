import { closeCamera, hasCamera, openCamera, snapshot } from '../devices/camera';

/** The camera of this device in use: what it shows stays in the window that shows it. */
export class CameraInUse {
	state: 'off' | 'opening' | 'live' | 'cannot' = $state('off');

	/** Whether this browser has a camera that a page may ask for. */
	static get isThere(): boolean {
		return hasCamera();
	}

	/** Call in an effect: shows what it sees, and returns what lets it go. */
	show(video: HTMLVideoElement): () => void {
		let stream: MediaStream | undefined;
		let gone = false;
		this.state = 'opening';
		const open = async () => {
			try {
				stream = await openCamera();
				if (gone) {
					closeCamera(stream);
					return;
				}
				video.srcObject = stream;
				await video.play();
				this.state = 'live';
			} catch {
				this.state = 'cannot';
			}
		};
		void open();
		return () => {
			gone = true;
			closeCamera(stream);
		};
	}

	/** What it shows at this moment, as a picture file; nothing where it shows none yet. */
	take(video: HTMLVideoElement): Promise<Blob | undefined> {
		return snapshot(video);
	}
}
