import { lazy, Suspense } from 'react';
import NotFound from './+not-found';

/** Every part of the design system; the development server alone has it. */
const Parts = __DEV__
  ? lazy(() => import('../src/design/testing/Parts').then((all) => ({ default: all.Parts })))
  : NotFound;

export default function PartsPage() {
  return (
    <Suspense fallback={null}>
      <Parts />
    </Suspense>
  );
}
