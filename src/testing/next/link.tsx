/** Stands in for `next/link` in component tests: a link that leads on within the page. */
import type { AnchorHTMLAttributes, Ref } from 'react';
import { useRouter } from './navigation';

interface Props extends AnchorHTMLAttributes<HTMLAnchorElement> {
  readonly href: string;
  readonly prefetch?: boolean;
  readonly replace?: boolean;
  readonly scroll?: boolean;
  readonly ref?: Ref<HTMLAnchorElement>;
}

export default function Link({ href, prefetch: _, replace, scroll: __, onClick, ...rest }: Props) {
  const router = useRouter();
  return (
    <a
      href={href}
      onClick={(event) => {
        onClick?.(event);
        if (event.defaultPrevented) return;
        event.preventDefault();
        (replace ? router.replace : router.push)(href);
      }}
      {...rest}
    />
  );
}
