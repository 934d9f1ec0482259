import { useQuery } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { t } from '../../shared/t';

/** Which outside services there are, what each stands for, and how a real one is connected. */
export function ConnectedServices() {
  const outside = useQuery({
    queryKey: ['outside'],
    queryFn: () => need(api.GET('/api/v1/services')),
  });
  if (!outside.data) return null;
  return (
    <section className="col-span-2 rounded-2xl border border-line bg-paper p-6">
      <h2 className="text-xl">{t('setup.connectedServices.connectedServices')}</h2>
      <ul className="mt-2">
        {outside.data.services.map((service) => (
          <li
            key={service.name}
            className="grid grid-cols-[180px_minmax(0,1fr)] gap-4 border-t border-line py-3"
          >
            <div>
              <h3 className="font-text text-[14px] font-semibold">{service.name}</h3>
              <p className="text-[13px] text-ink-2">
                {service.isStandIn
                  ? t('setup.connectedServices.simulatedForTheDemo')
                  : service.address
                    ? t('setup.connectedServices.connected')
                    : t('setup.connectedServices.notConnected')}
              </p>
            </div>
            <div>
              <p>
                {service.standsFor}{' '}
                {service.address && (
                  <a
                    href={service.address}
                    className="break-all text-plum underline"
                    target="_blank"
                    rel="noreferrer"
                  >
                    {service.address}
                  </a>
                )}
              </p>
              <p className="text-[13px] text-ink-2">{service.connecting}</p>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
