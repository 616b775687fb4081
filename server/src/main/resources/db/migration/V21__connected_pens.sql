-- A pen that is connected to this machine is heard on a port of it.
alter table meter add column port integer check (port between 1024 and 65535);
