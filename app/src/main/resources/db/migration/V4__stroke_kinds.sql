-- One word for each kind of stroke, from the key to the file.
update stroke set kind = 'AID' where kind = 'SMALL';
update stroke set kind = 'NUMBER' where kind = 'CELL';
