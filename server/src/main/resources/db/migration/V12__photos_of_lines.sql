-- A photo shows a line of the job sheet: those of lines that were taken back show nothing any more.
delete from photo where not exists (select 1 from job_line line where line.id = photo.line_id and line.call_id = photo.call_id);
