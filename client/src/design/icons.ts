import type { LucideIcon } from 'lucide-react-native';
import AlarmClock from 'lucide-react-native/icons/alarm-clock';
import Back from 'lucide-react-native/icons/chevron-left';
import Forth from 'lucide-react-native/icons/chevron-right';
import Down from 'lucide-react-native/icons/chevron-down';
import Up from 'lucide-react-native/icons/chevron-up';
import Afar from 'lucide-react-native/icons/maximize';
import Grip from 'lucide-react-native/icons/grip-vertical';
import Hand from 'lucide-react-native/icons/hand';
import Keyboard from 'lucide-react-native/icons/keyboard';
import Search from 'lucide-react-native/icons/search';
import Thermometer from 'lucide-react-native/icons/thermometer';
import Close from 'lucide-react-native/icons/x';
import Camera from 'lucide-react-native/icons/camera';
import ChefHat from 'lucide-react-native/icons/chef-hat';
import CircleAlert from 'lucide-react-native/icons/circle-alert';
import Flame from 'lucide-react-native/icons/flame';
import Clock from 'lucide-react-native/icons/clock';
import Info from 'lucide-react-native/icons/info';
import NotebookText from 'lucide-react-native/icons/notebook-text';
import Plus from 'lucide-react-native/icons/plus';
import More from 'lucide-react-native/icons/ellipsis';
import Redo from 'lucide-react-native/icons/redo-2';
import ScrollText from 'lucide-react-native/icons/scroll-text';
import Trash from 'lucide-react-native/icons/trash';
import Undo from 'lucide-react-native/icons/undo-2';
import { cssInterop } from 'nativewind';

export type Icon = LucideIcon;

/**
 * The icons in use, imported one by one (the package as a whole would double the bundle), each made
 * to take its colour from a class.
 */
export const icons = {
  add: Plus,
  afar: Afar,
  alarm: AlarmClock,
  alert: CircleAlert,
  camera: Camera,
  back: Back,
  bake: Flame,
  close: Close,
  find: Search,
  forth: Forth,
  formulas: ScrollText,
  grip: Grip,
  hint: Info,
  keys: Keyboard,
  kitchen: ChefHat,
  log: NotebookText,
  more: More,
  nudge: Hand,
  open: Down,
  plan: Clock,
  probe: Thermometer,
  redo: Redo,
  remove: Trash,
  shut: Up,
  undo: Undo,
} as const;

for (const icon of Object.values(icons)) {
  cssInterop(icon, {
    className: { target: 'style', nativeStyleToProp: { color: true, opacity: true } },
  });
}
