import { router } from 'expo-router';
import { Button, Notice } from '../src/design';
import { Column } from '../src/layout';

export default function NotFound() {
  return (
    <Column>
      <Notice
        kind="danger"
        actions={<Button label="All formulas" weight="main" onPress={() => router.replace('/')} />}
      >
        There is nothing at this address.
      </Notice>
    </Column>
  );
}
