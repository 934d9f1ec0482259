import { Link } from 'react-router';
import { Empty } from '../../ui/empty-state';
import { T, t } from '../../shared/t';

const MISSING = {
  shop: { title: t('teach.noShop'), id: 'teach.noShopDo', to: '/setup/connect' },
  products: { title: t('teach.noProducts'), id: 'teach.noProductsDo', to: '/catalogue/feeds' },
} as const;

/** What has to be there before anything can be pointed at. */
export function NotConnected({ what }: { what: keyof typeof MISSING }) {
  const { title, id, to } = MISSING[what];
  return (
    <Empty level={1} title={title}>
      <T
        id={id}
        values={{
          link: (text) => (
            <Link to={to} className="text-plum underline">
              {text}
            </Link>
          ),
        }}
      />
    </Empty>
  );
}
