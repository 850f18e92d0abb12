import { sendKeptPictures } from '../../offline/pictures.js';
import { useStore } from '../../store/hooks.js';
import { TakePhoto } from '../../ui/TakePhoto.js';

/** A photo that an edit refers to: it is sent before that edit is. */
export function PhotoField({ words, onPicture }: { words: string; onPicture: (id: string) => void }) {
  const store = useStore();
  return (
    <TakePhoto
      words={words}
      onPicture={id => {
        store.sendFirst(sendKeptPictures);
        onPicture(id);
      }}
    />
  );
}
