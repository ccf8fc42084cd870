-- Says, as statements, how a kitchen (@kitchen) is copied into as many more as there are numbers from @from to @to: its
-- rows in all tables, with every id, and whatever else must be nobody else's, made anew from the old one and the number, so
-- that rows go on naming each other.
set session group_concat_max_len = 1000000;

select concat('insert into `', c.table_name, '` (', group_concat('`', c.column_name, '`' order by c.ordinal_position separator ', '),
    ') select ', group_concat(case
      when c.data_type = 'uuid'
        then concat('cast(insert(insert(md5(concat(t.`', c.column_name, '`, n.seq)), 13, 1, ''4''), 17, 1, ''8'') as uuid)')
      when c.data_type in ('varchar', 'char') and exists (
        select 1 from information_schema.statistics s
        where s.table_schema = database() and s.table_name = c.table_name and s.non_unique = 0 and s.column_name = c.column_name
          and not exists (
            select 1 from information_schema.statistics o
            join information_schema.columns u on u.table_schema = o.table_schema and u.table_name = o.table_name
              and u.column_name = o.column_name
            where o.table_schema = database() and o.table_name = s.table_name and o.index_name = s.index_name
              and u.data_type = 'uuid'))
        then concat('left(sha2(concat(t.`', c.column_name, '`, n.seq), 256), ', c.character_maximum_length, ')')
      else concat('t.`', c.column_name, '`') end order by c.ordinal_position separator ', '),
    ' from `', c.table_name, '` t join seq_', @from, '_to_', @to, ' n where t.',
    if(c.table_name = 'kitchen', 'id', 'kitchen_id'), ' = ''', @kitchen, '''') as statement
from information_schema.columns c
where c.table_schema = database() and c.extra not like '%auto_increment%' and c.generation_expression is null
  -- Its rows are made by those of kitchens.
  and c.table_name <> 'kitchen_change'
  and (c.table_name = 'kitchen' or exists (
    select 1 from information_schema.columns k
    where k.table_schema = database() and k.table_name = c.table_name and k.column_name = 'kitchen_id'))
group by c.table_name
order by c.table_name <> 'kitchen', c.table_name;
