import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { Button } from '../design';
import { Hollow } from '../layout';

/** In place of a day that is not in the book. */
export const NoSuchDay = () => (
  <Hollow alone kind="trouble" says={say('day.not-here')}>
    <Button label={say('day.back')} weight="main" onPress={() => router.navigate('/plan')} />
  </Hollow>
);
