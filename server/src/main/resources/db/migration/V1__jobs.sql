-- One row per job in job, vehicle, trailer and haul; ordered rows in the tables of what a job has
-- several of. Coolers and fans name the build they belong to. The catalogue's tables stand alone: a
-- build carries its parts whole. Units stand in the column names. Results are computed, never stored.

create table job (
  id uuid not null,
  changed_at timestamptz not null,
  complaint varchar(2000) not null,
  lines_cold_c double precision not null,
  lines_found_bore_mm double precision not null,
  lines_found_length_m double precision not null,
  lines_found_loss double precision not null,
  lines_pump_max_kpa double precision not null,
  lines_spare_mm double precision not null,
  name varchar(120) not null,
  traverse_columns integer,
  traverse_readings_ms double precision[],
  traverse_where varchar(120),
  version bigint not null,
  primary key (id)
);

create table vehicle (
  job_id uuid not null references job (id) on delete cascade,
  cooling_cap_kpa double precision not null,
  cooling_charge_air_cooler_bottom_mm double precision,
  cooling_charge_air_cooler_depth_mm double precision,
  cooling_charge_air_cooler_fins_per_inch double precision,
  cooling_charge_air_cooler_height_mm double precision,
  cooling_charge_air_cooler_left_mm double precision,
  cooling_charge_air_cooler_metal varchar(120),
  cooling_charge_air_cooler_width_mm double precision,
  cooling_charge_air_first boolean not null,
  cooling_condenser_bottom_mm double precision,
  cooling_condenser_depth_mm double precision,
  cooling_condenser_fins_per_inch double precision,
  cooling_condenser_height_mm double precision,
  cooling_condenser_left_mm double precision,
  cooling_condenser_metal varchar(120),
  cooling_condenser_width_mm double precision,
  cooling_core_gap_mm double precision not null,
  cooling_fan_factor double precision not null,
  cooling_fan_to_core_mm double precision not null,
  cooling_glycol_share double precision not null,
  cooling_opening_depth_mm double precision not null,
  cooling_opening_height_mm double precision not null,
  cooling_opening_width_mm double precision not null,
  cooling_pump_kgs_at4000 double precision not null,
  cooling_radiator_bottom_mm double precision not null,
  cooling_radiator_depth_mm double precision not null,
  cooling_radiator_fins_per_inch double precision not null,
  cooling_radiator_height_mm double precision not null,
  cooling_radiator_left_mm double precision not null,
  cooling_radiator_metal varchar(120) not null,
  cooling_radiator_width_mm double precision not null,
  cooling_ram_coefficient double precision not null,
  cooling_tip_gap_mm double precision not null,
  drag_area_m2 double precision not null,
  engine_accessory_kw double precision not null,
  engine_air_conditioning_kw double precision not null,
  engine_boost_ratio double precision,
  engine_condenser_kw double precision not null,
  engine_displacement_litres double precision not null,
  engine_kind varchar(120) not null,
  engine_torque_nm double precision[] not null,
  engine_torque_rpm double precision[] not null,
  gearbox_axle_efficiency double precision not null,
  gearbox_axle_ratio double precision not null,
  gearbox_case_watts_per_kelvin double precision not null,
  gearbox_gear_ratios double precision[] not null,
  gearbox_highest_rpm double precision not null,
  gearbox_in_tank_watts_per_kelvin double precision,
  gearbox_lock_above_kmh double precision not null,
  gearbox_lock_from_gear integer not null,
  gearbox_lugging_rpm double precision not null,
  gearbox_mesh_efficiency double precision not null,
  gearbox_oil_flow_lpm double precision not null,
  gearbox_oil_kv100 double precision not null,
  gearbox_oil_kv40 double precision not null,
  gearbox_spin_loss_kw double precision not null,
  gearbox_stall_rpm double precision not null,
  gearbox_stall_torque_nm double precision not null,
  gearbox_stall_torque_ratio double precision not null,
  gearbox_tyre_radius_m double precision not null,
  kind varchar(120) not null,
  limits_below_boiling_k double precision not null,
  limits_coolant_c double precision not null,
  limits_feed_c double precision not null,
  limits_overcooled_pan_c double precision not null,
  limits_pan_c double precision not null,
  mass_kg double precision not null,
  name varchar(120) not null,
  rolling_coefficient double precision not null,
  primary key (job_id)
);

create table trailer (
  job_id uuid not null references job (id) on delete cascade,
  mass_kg double precision not null,
  name varchar(120) not null,
  primary key (job_id)
);

create table haul (
  job_id uuid not null references job (id) on delete cascade,
  air_conditioning boolean not null,
  altitude_m double precision not null,
  ambient_c double precision not null,
  grade_percent double precision not null,
  road varchar(120) not null,
  speed_kmh double precision not null,
  primary key (job_id)
);

create table obstacle (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  bottom_mm double precision not null,
  height_mm double precision not null,
  left_mm double precision not null,
  movable boolean not null,
  name varchar(120) not null,
  takes_air boolean not null,
  width_mm double precision not null,
  primary key (job_id, position)
);

create table origin (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  kind varchar(120) not null,
  path varchar(120) not null,
  primary key (job_id, position)
);

create table build (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  condition_bug_screen boolean not null,
  condition_condenser_blocked_percent double precision not null,
  condition_fins_blocked_percent double precision not null,
  condition_light_bar boolean not null,
  condition_plough boolean not null,
  condition_recirculation double precision not null,
  condition_winch boolean not null,
  kind varchar(120) not null,
  name varchar(120) not null,
  oil_order varchar(120) not null,
  parallel boolean not null,
  radiator_code varchar(120),
  radiator_depth_mm double precision,
  radiator_fins_per_inch double precision,
  radiator_height_mm double precision,
  radiator_in_tank_watts_per_kelvin double precision,
  radiator_metal varchar(120),
  radiator_name varchar(120),
  radiator_price double precision,
  radiator_tanks varchar(120),
  radiator_width_mm double precision,
  switching_fan_off_c double precision not null,
  switching_fan_on_c double precision not null,
  switching_thermostat_full_c double precision not null,
  switching_thermostat_start_c double precision not null,
  primary key (job_id, position)
);

create table build_cooler (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  build integer not null,
  bottom_mm double precision not null,
  bypass_opens_c double precision,
  code varchar(120) not null,
  depth_mm double precision not null,
  family varchar(120) not null,
  fins_per_inch double precision not null,
  gap_mm double precision not null,
  height_mm double precision not null,
  left_mm double precision not null,
  name varchar(120) not null,
  own_fan_m3s double precision,
  passes integer not null,
  place varchar(120) not null,
  port_bore_mm double precision not null,
  ports varchar(120) not null,
  price double precision not null,
  rating_factor double precision not null,
  sealed boolean not null,
  tube_pitch_mm double precision not null,
  width_mm double precision not null,
  primary key (job_id, position)
);

create table build_fan (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  build integer not null,
  amps double precision,
  bottom_mm double precision not null,
  code varchar(120) not null,
  count integer not null,
  curve_m3s double precision[],
  curve_pa double precision[],
  diameter_mm double precision not null,
  free_flow_m3s double precision not null,
  grips_from_c double precision,
  grips_fully_c double precision,
  height_mm double precision not null,
  kind varchar(120) not null,
  left_mm double precision not null,
  mount varchar(120) not null,
  name varchar(120) not null,
  price double precision not null,
  pulley_ratio double precision,
  reference_kw double precision,
  reference_rpm double precision,
  shrouded boolean not null,
  shutoff_pa double precision,
  speed_percent double precision not null,
  volts double precision,
  width_mm double precision not null,
  primary key (job_id, position)
);

create table hose (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  adapters integer not null,
  bore_mm double precision not null,
  elbows integer not null,
  length_m double precision not null,
  name varchar(120) not null,
  primary key (job_id, position)
);

create table strip (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  inside_radius_mm double precision not null,
  left_leg_mm double precision not null,
  name varchar(120) not null,
  offset_degrees double precision not null,
  offset_mm double precision not null,
  quantity integer not null,
  right_leg_mm double precision not null,
  tab_degrees double precision not null,
  tab_mm double precision not null,
  thickness_mm double precision not null,
  width_mm double precision not null,
  primary key (job_id, position)
);

create table oil_cooler (
  id varchar(120) not null,
  bypass_opens_c double precision,
  code varchar(120) not null,
  depth_mm double precision not null,
  family varchar(120) not null,
  fins_per_inch double precision not null,
  height_mm double precision not null,
  name varchar(120) not null,
  passes integer not null,
  port_bore_mm double precision not null,
  ports varchar(120) not null,
  price double precision not null,
  tube_pitch_mm double precision not null,
  width_mm double precision not null,
  primary key (id)
);

create table radiator (
  id varchar(120) not null,
  code varchar(120) not null,
  depth_mm double precision not null,
  fins_per_inch double precision not null,
  height_mm double precision not null,
  in_tank_watts_per_kelvin double precision,
  metal varchar(120) not null,
  name varchar(120) not null,
  price double precision not null,
  tanks varchar(120) not null,
  width_mm double precision not null,
  primary key (id)
);

create table fan (
  id varchar(120) not null,
  amps double precision,
  code varchar(120) not null,
  count integer not null,
  curve_m3s double precision[],
  curve_pa double precision[],
  diameter_mm double precision not null,
  free_flow_m3s double precision not null,
  grips_from_c double precision,
  grips_fully_c double precision,
  kind varchar(120) not null,
  name varchar(120) not null,
  price double precision not null,
  pulley_ratio double precision,
  reference_kw double precision,
  reference_rpm double precision,
  shutoff_pa double precision,
  volts double precision,
  primary key (id)
);

create table thermostat (
  id varchar(120) not null,
  code varchar(120) not null,
  full_c double precision not null,
  name varchar(120) not null,
  price double precision not null,
  start_c double precision not null,
  primary key (id)
);

create table cap (
  id varchar(120) not null,
  cap_kpa double precision not null,
  code varchar(120) not null,
  name varchar(120) not null,
  price double precision not null,
  primary key (id)
);

create table controller (
  id varchar(120) not null,
  amps double precision not null,
  code varchar(120) not null,
  hysteresis_k double precision not null,
  kind varchar(120) not null,
  name varchar(120) not null,
  on_from_c double precision not null,
  on_to_c double precision not null,
  price double precision not null,
  primary key (id)
);

-- Searches of the parts finder: what was asked, and what each part has come to.
create table finder_run (
  id uuid not null,
  cancelled boolean not null,
  failed boolean not null,
  parts integer not null,
  request jsonb not null,
  started_at timestamptz not null,
  primary key (id)
);

create table finder_part (
  run_id uuid not null references finder_run (id) on delete cascade,
  number integer not null,
  done_at timestamptz,
  done_by varchar(120),
  result jsonb,
  share double precision not null,
  tried bigint not null,
  primary key (run_id, number)
);

-- The scheduler library's own table.
create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz not null,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures integer,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_execution_time on scheduled_tasks (execution_time);
create index scheduled_tasks_last_heartbeat on scheduled_tasks (last_heartbeat);
create index scheduled_tasks_priority on scheduled_tasks (priority desc, execution_time asc);
