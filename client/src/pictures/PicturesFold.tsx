import { PICTURE_LIMITS } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { Image, View } from 'react-native';
import { Button, Fold, icons, Notice, PictureButton, Soft } from '../design';
import { shrunk } from './shrink';
import { usePictures, type Picture } from './usePictures';

/** One picture with its hour. Removed, it is gone: that is asked first. */
function Shown({
  picture: { at, source, widePx, highPx },
  nth,
  onRemove,
}: {
  readonly picture: Picture;
  readonly nth: number;
  readonly onRemove: () => void;
}) {
  const [asked, setAsked] = useState(false);
  const when = format(new Date(at), 'd MMMM, HH:mm');
  return (
    <View role="listitem" className="w-full max-w-lg gap-1">
      <Image
        source={{ uri: source }}
        role="img"
        accessibilityLabel={say('pictures.one', { nth, when })}
        style={{ width: '100%', aspectRatio: widePx / highPx }}
        resizeMode="contain"
        testID={`picture-${nth}`}
      />
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Soft>{when}</Soft>
        {asked ? (
          <View className="flex-row gap-2">
            <Button label={say('pictures.keep')} onPress={() => setAsked(false)} />
            <Button
              label={say('pictures.remove-for-good')}
              icon={icons.remove}
              onPress={onRemove}
              testID={`gone-${nth}`}
            />
          </View>
        ) : (
          <Button
            label={say('pictures.remove', { nth })}
            icon={icons.remove}
            iconOnly
            weight="quiet"
            onPress={() => setAsked(true)}
          />
        )}
      </View>
    </View>
  );
}

/** What came out, as it looked: small pictures that are kept with the record. */
export function PicturesFold({
  kitchenId,
  bakeId,
}: {
  readonly kitchenId: string;
  readonly bakeId: string;
}) {
  const { pictures, away, add, remove } = usePictures(kitchenId, bakeId);
  const [unread, setUnread] = useState(false);
  const full = pictures.length >= PICTURE_LIMITS.most;
  const take = (file: Blob) =>
    void shrunk(file).then((picture) => {
      setUnread(!picture);
      if (picture) add(picture);
    });
  return (
    <Fold
      id="pictures"
      title={say('pictures.title')}
      summary={say('pictures.in-short', { count: pictures.length })}
      begin={pictures.length > 0}
    >
      {() => (
        <>
          {away ? <Soft>{say('pictures.away')}</Soft> : null}
          <View role="list" className="gap-4">
            {pictures.map((picture, index) => (
              <Shown
                key={picture.id}
                picture={picture}
                nth={index + 1}
                onRemove={() => remove(picture.id)}
              />
            ))}
          </View>
          {unread ? <Notice kind="danger">{say('pictures.unread')}</Notice> : null}
          {full ? (
            <Soft>{say('pictures.full', { most: PICTURE_LIMITS.most })}</Soft>
          ) : (
            <View className="self-start">
              <PictureButton label={say('pictures.add')} onPicture={take} testID="add-picture" />
            </View>
          )}
        </>
      )}
    </Fold>
  );
}
