import { useBook } from '@/book/react';
import { useHouse } from '@/shell/device/house';
import { QrCode } from '@/ui/qr/QrCode';
import { Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { inBase } from '@/ui/inBase';
import type { HouseTold } from '@/words/phones/houseTold';
import { phonesSays } from '@/words/phones/phones';

/** How other phones come to this house, or to this web space. */
export function OtherPhones() {
  const house = useHouse();
  const { device } = useBook();
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {phonesSays.otherPhones}
      </Say>
      <Way house={house} dim={device.theme === 'lightsOut'} />
    </>
  );
}

interface WayProps<House> {
  readonly house: House;
  readonly dim: boolean;
}

function Way({ house, dim }: WayProps<HouseTold | null | undefined>) {
  if (house === undefined) return <Skeleton label={phonesSays.looking} />;
  if (house?.phones) return <HouseWay house={house} dim={dim} />;
  if (house)
    return (
      <>
        <Say>{phonesSays.startPhones}</Say>
        <Say face="mono">{phonesSays.startCommand}</Say>
      </>
    );
  if (window.location.protocol !== 'https:') return <Say>{phonesSays.noHouse}</Say>;
  const here = `${window.location.origin}${inBase('/')}`;
  return (
    <>
      <Say>{phonesSays.scanHere}</Say>
      <QrCode dim={dim} text={here} label={phonesSays.qr(here)} />
      <Say face="mono">{here}</Say>
    </>
  );
}

function HouseWay({ house, dim }: WayProps<Extract<HouseTold, { phones: true }>>) {
  return (
    <>
      <Say>{phonesSays.scanHelp}</Say>
      <QrCode dim={dim} text={house.help} label={phonesSays.qr(house.help)} />
      <Say>{phonesSays.helpIsAt}</Say>
      <Say face="mono">{house.help}</Say>
      <Say>{phonesSays.zolderIsAt(house.address)}</Say>
      {house.before ? <Say tone="attention">{phonesSays.before(house.before)}</Say> : null}
      <Say size="small">{phonesSays.fingerprint}</Say>
      <Say size="small" face="mono">
        {house.fingerprint}
      </Say>
      {house.leftOut.length > 0 ? (
        <Say size="small">{phonesSays.leftOut(house.leftOut.join(', '))}</Say>
      ) : null}
    </>
  );
}
