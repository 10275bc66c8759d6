/** Makes className reach the elements, as the bundle's entry does. */
import 'react-native-css-interop/dist/runtime/components';
