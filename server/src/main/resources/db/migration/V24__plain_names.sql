-- Tables and columns by the words that engineers and teachers use.
alter table edition rename to activity_version;
alter table assignment rename column edition_id to version_id;
alter table attempt rename column edition_id to version_id;
alter table attempt_base rename column edition_id to version_id;
alter table attempt_before_hand_in rename column edition_id to version_id;
alter table activity_moment rename to named_version;
alter table person_taste rename to workbench_preferences;
alter table workbench_preferences rename column taste to preferences;
alter table said_word rename to message;
alter table message rename column words to text;
alter table activity rename column set_aside to archived;
alter table activity rename column said to search_text;
alter table activity rename column found to search_vector;
alter table library_part rename column said to search_text;
alter table library_part rename column found to search_vector;
alter table assignment rename column held_at to paused_at;
alter table assignment rename column held_words to pause_message;
alter table assignment rename column shut_at to editing_closed_at;
alter index if exists activity_found rename to activity_search;

-- What a session holds of its person has another name from now on.
delete from spring_session;

-- The same words within the documents that are kept. Only keys and fixed values are renamed: a quote within somebody's
-- own words is written \" in a document, so no pattern here matches what was typed.
create function plain_names(document jsonb) returns jsonb language plpgsql immutable as $$
declare
  it text := document::text;
begin
  it := regexp_replace(it, '"route": \{', '"link": {', 'g');
  it := regexp_replace(it, '"ways": \{', '"links": {', 'g');
  it := regexp_replace(it, '"settle": "(IN_SLOT|STAYS|MELTS|TURNS_OVER)"', '"accept": "\1"', 'g');
  it := regexp_replace(it, '"refused": "(GLIDES_HOME|STAYS)"', '"reject": "\1"', 'g');
  it := regexp_replace(it, '"moment": "(AT_ONCE|ON_CHECK|ON_HAND_IN)"', '"timing": "\1"', 'g');
  it := regexp_replace(it, '"tell": "(WHICH|HOW_MANY)"', '"feedback": "\1"', 'g');
  it := regexp_replace(it, '"besides": \{', '"tools": {', 'g');
  it := regexp_replace(it, '"seeThrough": (\d)', '"transparency": \1', 'g');
  it := regexp_replace(it, '"taken": \{', '"accepted": {', 'g');
  it := regexp_replace(it, '"turnedAway": \{', '"rejected": {', 'g');
  it := regexp_replace(it, '"way": "(LEFT|RIGHT|UP|DOWN|RIGHTWARDS|LEFTWARDS|DOWNWARDS)"', '"direction": "\1"', 'g');
  it := regexp_replace(it, '"melted": (true|false)', '"disappeared": \1', 'g');
  it := regexp_replace(it, '"lateShut": (true|false)', '"lateRefused": \1', 'g');
  it := regexp_replace(it, '": "GLIDES_HOME"', '": "GOES_BACK"', 'g');
  it := regexp_replace(it, '": "MELTS"', '": "DISAPPEARS"', 'g');
  it := regexp_replace(it, '": "MELTED"', '": "DISAPPEARED"', 'g');
  it := regexp_replace(it, '": "TURNED_AWAY"', '": "DOES_NOT_BELONG"', 'g');
  it := regexp_replace(it, '"tool": "TINT"', '"tool": "HIGHLIGHTER"', 'g');
  it := regexp_replace(it, '"sharing": "LOOK_ONLY"', '"sharing": "VIEW_ONLY"', 'g');
  it := regexp_replace(it, '"kind": "together"', '"kind": "composite"', 'g');
  it := regexp_replace(it, '"kind": "set-page-ways"', '"kind": "set-page-links"', 'g');
  return it::jsonb;
end $$;

do $$
declare
  one record;
begin
  for one in
    select c.table_name, c.column_name
    from information_schema.columns c
    join information_schema.tables t using (table_schema, table_name)
    left join pg_inherits i on i.inhrelid = format('%I.%I', c.table_schema, c.table_name)::regclass
    where c.table_schema = 'public' and c.data_type = 'jsonb' and t.table_type = 'BASE TABLE'
      -- What happened stays as it was told; parts of a table are reached through the whole.
      and c.table_name <> 'activity_log' and i.inhrelid is null
  loop
    -- A look at the text first: most of what is kept, moves above all, has none of the names.
    execute format('update %I set %I = plain_names(%I) where %I::text ~ %L',
      one.table_name, one.column_name, one.column_name, one.column_name,
      '"(route|ways|settle|refused|moment|tell|besides|seeThrough|taken|turnedAway|way|melted|lateShut)": '
      || '|"(GLIDES_HOME|MELTS|MELTED|TURNED_AWAY|TINT|LOOK_ONLY|together|set-page-ways)"');
  end loop;
end $$;
drop function plain_names(jsonb);
