// The studio: left its settings, edited in place; right the metal prices and the price of a gram.
import { useEffect, useMemo } from 'react';
import { useLocation, useParams } from 'react-router';
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
import { StudioNav } from './studio-nav.tsx';
import { StudioPlace } from './studio-place.tsx';
import { pageOfSection, studioPlaces } from './studio-places.ts';
import { TrashBox } from './trash-box.tsx';
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
  const { page: asked = '' } = useParams();
  const page = studioPlaces.find((one) => one.page === asked)?.page ?? pageOfSection(hash.slice(1)) ?? 'workshop';
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'nearest' });
  }, [hash, page]);

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
            <StudioNav page={page} problems={rates.problems} />
            {page === 'workshop' && (
              <>
                <StudioPlace body={body} edit={edit} />
                <RateRows body={body} edit={edit} rates={rates} />
                <SettingRows {...settings} of={makerList} />
              </>
            )}
            {page === 'money' && (
              <>
                <OverheadSheet body={body} edit={edit} rates={rates} />
                <ConsumableRows body={body} edit={edit} rates={rates} />
              </>
            )}
            {page === 'metal' && (
              <>
                <MetalTerms body={body} edit={edit} rates={rates} />
                <MakingCharges body={body} edit={edit} problems={rates.problems} />
                <SettingRows {...settings} of={assayList} />
              </>
            )}
            {page === 'pricing' && <PriceRuleSettings body={body} edit={edit} rates={rates} />}
            {page === 'selling' && (
              <>
                <SettingRows {...settings} of={channelList} />
                <SettingRows {...settings} of={volumeList} />
              </>
            )}
            {page === 'hours' && (
              <>
                <HoursRows body={body} edit={edit} problems={rates.problems} />
                <PlanRules body={body} edit={edit} problems={rates.problems} />
                <StandardTimesBox body={body} edit={edit} problems={rates.problems} />
                <SettingRows {...settings} of={stationList} />
              </>
            )}
            {page === 'alloys' && <SettingRows {...settings} of={ownAlloyList} />}
            {page === 'safety' && (
              <>
                <BackupsBox />
                <DevicesBox />
                <TrashBox />
              </>
            )}
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
