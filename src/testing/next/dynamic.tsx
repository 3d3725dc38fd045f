/** Stands in for `next/dynamic` in component tests: what is fetched when it is first shown. */
import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';

type Loaded<P> = ComponentType<P> | { readonly default: ComponentType<P> };

export default function dynamic<P extends object>(
  load: () => Promise<Loaded<P>>,
  { loading: Loading }: { readonly loading?: () => ReactNode; readonly ssr?: boolean } = {},
): ComponentType<P> {
  const Shown = lazy(async () => {
    const loaded = await load();
    return { default: 'default' in loaded ? loaded.default : loaded };
  });
  return function Dynamic(props: P) {
    return (
      <Suspense fallback={Loading ? <Loading /> : null}>
        <Shown {...props} />
      </Suspense>
    );
  };
}
