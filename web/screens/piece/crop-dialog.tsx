// Cuts a picture to a part of it. The corners move by pointer, finger or arrow keys.
import 'react-image-crop/dist/ReactCrop.css';
import { useRef, useState } from 'react';
import { type PercentCrop, ReactCrop } from 'react-image-crop';
import { photoRoutes } from '../../../contract/photos.ts';
import { pathTo } from '../../../contract/route.ts';
import { ModalDialog } from '../../components/dialog.tsx';
import { jpegOf } from '../../hooks/readable-photo.ts';
import { words } from '../../words/piece.ts';

interface CropDialogProps {
  readonly id: string;
  readonly onClose: () => void;
  readonly onCut: (cut: File) => void;
}

const START: PercentCrop = { unit: '%', x: 10, y: 10, width: 80, height: 80 };
const WHOLE = 100;

export function CropDialog({ id, onClose, onCut }: CropDialogProps) {
  const [area, setArea] = useState(START);
  const picture = useRef<HTMLImageElement>(null);
  const cut = async () => {
    const image = picture.current;
    if (!image) return;
    const [x, width] = [area.x, area.width].map((share) => (share / WHOLE) * image.naturalWidth);
    const [y, height] = [area.y, area.height].map((share) => (share / WHOLE) * image.naturalHeight);
    onCut(await jpegOf(image, { x: x ?? 0, y: y ?? 0, width: width ?? 1, height: height ?? 1 }, 'photo.jpg'));
  };
  return (
    <ModalDialog
      wide
      open
      title={words.cropThePhoto}
      description={words.cropExplained}
      onClose={onClose}
      confirm={{ label: words.crop, onConfirm: () => void cut(), isOff: area.width < 1 || area.height < 1 }}
    >
      <div className="mt-4 text-center">
        <ReactCrop crop={area} ruleOfThirds onChange={(_pixels, percent) => setArea(percent)}>
          <img ref={picture} src={pathTo(photoRoutes.get, { id })} alt="" className="max-h-[56vh]" />
        </ReactCrop>
      </div>
    </ModalDialog>
  );
}
