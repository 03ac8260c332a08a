-- How often each fault is met, as the yard has it; null where it leaves that to what ships.
alter table yard add column fault_weights jsonb;
