-- Stored documents take the standard terms: of a step `byItself` is `unattended`, `meanwhile` is `overlaps` and `handsOn`
-- is `transfer`; of a block of a kept plan `hands` is `attended`. Only names change, no value. Revisions and kept plans
-- never change otherwise, so their triggers are dropped for this migration and made again.
drop trigger document_revision_stays;
drop trigger plan_entry_stays;

-- A merge patch (RFC 7396) removes what is null, so a field that is missing stays missing.
update document_revision
   set body = json_set(body, '$.steps', (
         select json_group_array(json(json_patch(step.value, json_object(
                  'unattended', step.value -> '$.byItself', 'byItself', null,
                  'overlaps', step.value -> '$.meanwhile', 'meanwhile', null,
                  'transfer', step.value -> '$.handsOn', 'handsOn', null))))
           from json_each(document_revision.body, '$.steps') as step))
 where json_type(body, '$.steps') = 'array'
   and document_id in (select id from document where kind = 'piece');

update document
   set draft = json_set(draft, '$.steps', (
         select json_group_array(json(json_patch(step.value, json_object(
                  'unattended', step.value -> '$.byItself', 'byItself', null,
                  'overlaps', step.value -> '$.meanwhile', 'meanwhile', null,
                  'transfer', step.value -> '$.handsOn', 'handsOn', null))))
           from json_each(document.draft, '$.steps') as step))
 where kind = 'piece'
   and draft is not null
   and json_type(draft, '$.steps') = 'array';

update plan_entry
   set plan = json_set(plan, '$.blocks', (
         select json_group_array(json(json_patch(block.value, json_object(
                  'attended', block.value -> '$.hands', 'hands', null))))
           from json_each(plan_entry.plan, '$.blocks') as block))
 where json_type(plan, '$.blocks') = 'array';

create trigger document_revision_stays before update on document_revision
begin
  select raise(abort, 'document_revision rows never change: accept a further revision');
end;

create trigger plan_entry_stays before update on plan_entry
begin
  select raise(abort, 'plan_entry lines never change: keep a later plan');
end;

-- Which migrations this ledger went through, each with the SHA-256 of its file as it was then.
create table migration (
  number     integer not null primary key,
  name       text    not null,
  checksum   text    not null check (length(checksum) = 64),
  applied_at text    not null
) strict;
