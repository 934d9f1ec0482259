import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type Shop = Schemas['ShopView'];

/** The shop whose pages this document may frame: its policy is as it was when it was loaded. */
let framed: string | undefined;

async function askShop(): Promise<Shop> {
  const shop = await need(api.GET('/api/v1/shop'));
  framed ??= shop.address;
  return shop;
}

export function useShop() {
  return useQuery({ queryKey: ['shop'], queryFn: askShop });
}

/** Whether the document has to be loaded anew before it may frame the shop's pages. */
export const mayNotFrame = (shop: Shop) => framed !== undefined && shop.address !== framed;

export function useSaveShop() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ knowsPrices = false, ...shop }: Shop & { knowsPrices?: boolean }) =>
      need(api.PUT('/api/v1/shop', { params: { query: { knowsPrices } }, body: shop })),
    onSuccess: (shop) => queries.setQueryData(['shop'], shop),
  });
}

/** The address of a picture that the catalogue names, at the shop. */
export function useShopPicture(): (path: string) => string | undefined {
  const shop = useShop();
  const origin = shop.data?.address;
  return (path) => {
    if (!path) return undefined;
    return /^https?:/.test(path) ? path : origin ? `${origin}${path}` : undefined;
  };
}
