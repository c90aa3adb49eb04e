// The studio: left its settings, edited in place; right the metal prices and the price of a gram.
import { useEffect, useMemo } from 'react';
import { useLocation } from 'react-router';
import { STUDIO_ID } from '../../../contract/studio.ts';
import { readRates, withReceipts } from '../../../core/studio/rates.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { Conflict } from '../../components/conflict.tsx';
import { DraftLine } from '../../components/draft-line.tsx';
import { Field } from '../../components/field.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { type DocumentInHand, useDocument } from '../../hooks/use-document.ts';
import { useGetFixesQuery } from '../../state/endpoints/metal.ts';
import { words } from '../../words/studio.ts';
import { BackupsBox } from './backups-box.tsx';
import { ConsumableRows } from './consumable-rows.tsx';
import { DevicesBox } from './devices-box.tsx';
import { FixChart } from './fix-chart.tsx';
import { FixHistory } from './fix-history.tsx';
import { FixPrices } from './fix-prices.tsx';
import { GramPrices } from './gram-prices.tsx';
import { HoursRows } from './hours-rows.tsx';
import { MakingCharges } from './making-charges.tsx';
import { MetalTerms } from './metal-terms.tsx';
import { OverheadSheet } from './overhead-sheet.tsx';
import { PlanRules } from './plan-rules.tsx';
import { PriceRuleSettings } from './price-rule.tsx';
import { RateRows } from './rate-rows.tsx';
import { ReceiptsBox } from './receipts-box.tsx';
import { assayList, channelList, makerList, ownAlloyList, stationList, volumeList } from './setting-lists.ts';
import { SettingRows } from './setting-rows.tsx';
import { StandardTimesBox } from './standard-times.tsx';
import { StudioPlace } from './studio-place.tsx';
import { WhatChanges } from './what-changes.tsx';

export function StudioScreen() {
  const inHand = useDocument('studio', STUDIO_ID);
  if (inHand === 'missing') return <NotFound what="page" />;
  return inHand && <StudioPages inHand={inHand} />;
}

function StudioPages({ inHand }: { inHand: DocumentInHand<Studio> }) {
  const { name, open, body, edit } = inHand;
  const { data: fixes = [] } = useGetFixesQuery();
  const { fix, receipts } = useBasis();
  const rates = useMemo(
    () => withReceipts(readRates(body, open.stored.revision), receipts),
    [body, open.stored.revision, receipts],
  );
  const settings = { body, edit, problems: rates.problems };
  const { hash } = useLocation();
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'nearest' });
  }, [hash]);

  return (
    <>
      <Spread
        title={words.settings}
        left={
          <>
            <h1>
              <Field
                wide
                value={body.name}
                label={words.nameOfTheStudio}
                placeholder={words.nameYourStudio}
                maxLength={120}
                onChange={(value) => edit('name', (studio) => void (studio.name = value))}
              />
            </h1>
            <DraftLine name={name} open={open} problems={rates.problems.length} />
            <StudioPlace body={body} edit={edit} />
            <Contents />
            <RateRows body={body} edit={edit} rates={rates} />
            <SettingRows {...settings} of={makerList} />
            <OverheadSheet body={body} edit={edit} rates={rates} />
            <ConsumableRows body={body} edit={edit} rates={rates} />
            <MetalTerms body={body} edit={edit} rates={rates} />
            <MakingCharges body={body} edit={edit} problems={rates.problems} />
            <SettingRows {...settings} of={assayList} />
            <PriceRuleSettings body={body} edit={edit} rates={rates} />
            <SettingRows {...settings} of={channelList} />
            <SettingRows {...settings} of={volumeList} />
            <HoursRows body={body} edit={edit} problems={rates.problems} />
            <PlanRules body={body} edit={edit} problems={rates.problems} />
            <StandardTimesBox body={body} edit={edit} problems={rates.problems} />
            <SettingRows {...settings} of={stationList} />
            <SettingRows {...settings} of={ownAlloyList} />
            <BackupsBox />
            <DevicesBox />
            <p className="aside mt-6">
              <a className="link" href="/third-party-notices.txt">
                {words.thirdPartyNotices}
              </a>
            </p>
          </>
        }
        leftFoot={<span>{words.changesTakeEffectWhenYou}</span>}
        right={
          <>
            {open.stored.isDraft && <WhatChanges rates={rates} />}
            <FixPrices current={fix} currency={body.currency} />
            <GramPrices rates={rates} />
            <FixChart fixes={fixes} />
            <FixHistory fixes={fixes} />
            <ReceiptsBox />
          </>
        }
        rightFoot={<span className="ml-auto">{body.currency}</span>}
        bottomLine={<span className="font-semibold">{words.metalPrices}</span>}
      />
      <Conflict name={name} open={open} what="page of settings" />
    </>
  );
}

const contents = [
  ['rates', 'hours and makers'],
  ['setting-overheadCosts', 'overhead'],
  ['consumables', 'consumables'],
  ['metal-terms', 'metal and scrap'],
  ['charges', 'fabrication charges'],
  ['rule', 'pricing rule'],
  ['setting-channels', 'sales channels'],
  ['hours', 'working hours'],
  ['setting-stations', 'stations'],
  ['standard-times', 'standard times'],
  ['setting-ownAlloys', 'own alloys'],
  ['backups', 'backups'],
  ['devices', 'other devices'],
] as const;

// A long page starts with its contents.
function Contents() {
  return (
    <nav aria-label={words.onThisPage} className="chrome mt-3 flex flex-wrap gap-x-4 gap-y-1 text-[15px]">
      {contents.map(([id, name]) => (
        <a key={id} className="link" href={`#${id}`}>
          {name}
        </a>
      ))}
    </nav>
  );
}
