import { PATHS } from '@/links';
import { LinkButton } from '@/ui';

/** An address that leads nowhere. */
export function Lost() {
  return (
    <div className="max-w-xl p-8">
      <h1 className="text-3xl">There is no such page</h1>
      <p className="text-soft mt-2 mb-5">The address leads nowhere here. Nothing was changed.</p>
      <LinkButton href={PATHS.yard} look="primary">
        To the Yard
      </LinkButton>
    </div>
  );
}
