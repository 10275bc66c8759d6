/** What is off screen is not rendered here; asking after every style of every ancestor costs seconds a query. */
import { configure } from '@testing-library/react';

configure({ defaultHidden: true });
