import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { Button, Notice } from '../src/design';
import { Column } from '../src/layout';

export default function NotFound() {
  return (
    <Column>
      <Notice
        kind="danger"
        actions={
          <Button
            label={say('app.all-formulas')}
            weight="main"
            onPress={() => router.replace('/')}
          />
        }
      >
        {say('app.there-is-nothing-at-this-address')}
      </Notice>
    </Column>
  );
}
