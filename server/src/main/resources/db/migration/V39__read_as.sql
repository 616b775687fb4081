-- What a label's sentence came to when the feed was saved, in plain words that read back as the same; null for feeds saved before.
alter table feed add column read_as text check (length(read_as) between 1 and 200);
