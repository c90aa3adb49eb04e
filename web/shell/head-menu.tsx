// On a narrow screen the sections fold into a menu.
import { Menu } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Link } from 'react-router';
import { words } from '../words/shell.ts';
import { toggleTheme, useTheme } from './use-theme.ts';

export function HeadMenu({ places }: { places: readonly { readonly to: string; readonly name: string }[] }) {
  const theme = useTheme();
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="head-icon" aria-label={words.menu}>
        <Menu size={22} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="menu min-w-[220px] text-[17px]!" align="start" sideOffset={4}>
          {[...places, { to: '/attention', name: words.attention }, { to: '/help', name: words.help }].map(
            ({ to, name }) => (
              <DropdownMenu.Item key={to} className="menu-item min-h-[44px] items-center" asChild>
                <Link to={to}>{name}</Link>
              </DropdownMenu.Item>
            ),
          )}
          <DropdownMenu.Separator className="my-1 border-t border-rule" />
          <DropdownMenu.Item className="menu-item min-h-[44px] items-center" onSelect={toggleTheme}>
            {theme === 'lamp' ? words.lightTheme : words.darkTheme}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
