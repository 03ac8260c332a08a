-- One row per job in job, vehicle, trailer and haul; ordered rows in build, hose and strip.
-- Units stand in the column names. Results are computed, never stored.

create table job (
  id uuid not null,
  version bigint not null,
  changed_at timestamptz not null,
  complaint varchar(2000) not null,
  lines_cold_c double precision not null,
  lines_found_bore_mm double precision not null,
  lines_found_length_m double precision not null,
  lines_found_loss double precision not null,
  lines_pump_max_kpa double precision not null,
  lines_spare_mm double precision not null,
  name varchar(120) not null,
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
  cooling_charge_air_cooler_metal varchar(40),
  cooling_charge_air_cooler_width_mm double precision,
  cooling_condenser_bottom_mm double precision,
  cooling_condenser_depth_mm double precision,
  cooling_condenser_fins_per_inch double precision,
  cooling_condenser_height_mm double precision,
  cooling_condenser_left_mm double precision,
  cooling_condenser_metal varchar(40),
  cooling_condenser_width_mm double precision,
  cooling_fan_free_flow_m3s double precision not null,
  cooling_fan_grips_from_c double precision,
  cooling_fan_grips_fully_c double precision,
  cooling_fan_kind varchar(40) not null,
  cooling_fan_pulley_ratio double precision,
  cooling_fan_reference_kw double precision,
  cooling_fan_reference_rpm double precision,
  cooling_fan_shroud_bottom_mm double precision not null,
  cooling_fan_shroud_height_mm double precision not null,
  cooling_fan_shroud_left_mm double precision not null,
  cooling_fan_shroud_width_mm double precision not null,
  cooling_fan_shrouded boolean not null,
  cooling_fan_shutoff_pa double precision,
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
  cooling_radiator_metal varchar(40) not null,
  cooling_radiator_width_mm double precision not null,
  cooling_ram_coefficient double precision not null,
  drag_area_m2 double precision not null,
  engine_accessory_kw double precision not null,
  engine_air_conditioning_kw double precision not null,
  engine_boost_ratio double precision,
  engine_condenser_kw double precision not null,
  engine_displacement_litres double precision not null,
  engine_kind varchar(40) not null,
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

create table build (
  job_id uuid not null references job (id) on delete cascade,
  position integer not null,
  cooler_bottom_mm double precision not null,
  cooler_bypass_opens_c double precision,
  cooler_code varchar(120),
  cooler_depth_mm double precision,
  cooler_family varchar(40),
  cooler_fins_per_inch double precision,
  cooler_height_mm double precision,
  cooler_left_mm double precision not null,
  cooler_name varchar(120),
  cooler_passes integer,
  cooler_port_bore_mm double precision,
  cooler_ports varchar(120),
  cooler_tube_pitch_mm double precision,
  cooler_width_mm double precision,
  fan_off_c double precision not null,
  fan_on_c double precision not null,
  fan_speed_percent double precision not null,
  fins_blocked_percent double precision not null,
  kind varchar(40) not null,
  name varchar(120) not null,
  oil_order varchar(40) not null,
  recirculation double precision not null,
  thermostat_full_c double precision not null,
  thermostat_start_c double precision not null,
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
  id integer not null,
  bypass_opens_c double precision,
  code varchar(120) not null,
  depth_mm double precision not null,
  family varchar(40) not null,
  fins_per_inch double precision not null,
  height_mm double precision not null,
  name varchar(120) not null,
  passes integer not null,
  port_bore_mm double precision not null,
  ports varchar(120) not null,
  tube_pitch_mm double precision not null,
  width_mm double precision not null,
  primary key (id)
);

-- What the first release's demo put there.
insert into job select * from jsonb_populate_record(null::job, '{"id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "version": 3, "name": "Hive utility", "complaint": "Runs hot on Long Tallow with a full load of hives; the fan sounds weak.", "changed_at": "2026-11-24T05:00:00Z", "lines_found_length_m": 2.4, "lines_found_bore_mm": 9.5, "lines_found_loss": 5.0, "lines_pump_max_kpa": 420.0, "lines_cold_c": -10.0, "lines_spare_mm": 80.0}');
insert into vehicle select * from jsonb_populate_record(null::vehicle, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "name": "bee-keeper''s flat-bed utility", "mass_kg": 2800.0, "rolling_coefficient": 0.01, "drag_area_m2": 3.6, "engine_kind": "PETROL", "engine_displacement_litres": 5.6, "engine_torque_rpm": [1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0], "engine_torque_nm": [390.0, 490.0, 530.0, 545.0, 525.0, 465.0], "engine_boost_ratio": null, "engine_accessory_kw": 1.5, "engine_air_conditioning_kw": 3.5, "engine_condenser_kw": 7.0, "gearbox_gear_ratios": [3.9, 2.3, 1.5, 1.14, 0.86, 0.68], "gearbox_axle_ratio": 3.73, "gearbox_tyre_radius_m": 0.39, "gearbox_mesh_efficiency": 0.97, "gearbox_axle_efficiency": 0.965, "gearbox_spin_loss_kw": 1.0, "gearbox_lock_from_gear": 3, "gearbox_lock_above_kmh": 50.4, "gearbox_lugging_rpm": 1300.0, "gearbox_highest_rpm": 5000.0, "gearbox_stall_torque_nm": 490.0, "gearbox_stall_rpm": 2300.0, "gearbox_stall_torque_ratio": 2.0, "gearbox_oil_flow_lpm": 10.0, "gearbox_oil_kv40": 34.0, "gearbox_oil_kv100": 7.3, "gearbox_case_watts_per_kelvin": 20.0, "gearbox_in_tank_watts_per_kelvin": 320.0, "cooling_glycol_share": 0.5, "cooling_cap_kpa": 100.0, "cooling_pump_kgs_at4000": 3.0, "cooling_opening_width_mm": 800.0, "cooling_opening_height_mm": 560.0, "cooling_opening_depth_mm": 120.0, "cooling_ram_coefficient": 0.55, "cooling_radiator_left_mm": 0.0, "cooling_radiator_bottom_mm": 0.0, "cooling_radiator_width_mm": 760.0, "cooling_radiator_height_mm": 520.0, "cooling_radiator_depth_mm": 40.0, "cooling_radiator_fins_per_inch": 17.0, "cooling_radiator_metal": "ALUMINIUM", "cooling_condenser_left_mm": 30.0, "cooling_condenser_bottom_mm": 40.0, "cooling_condenser_width_mm": 700.0, "cooling_condenser_height_mm": 440.0, "cooling_condenser_depth_mm": 16.0, "cooling_condenser_fins_per_inch": 18.0, "cooling_condenser_metal": "ALUMINIUM", "cooling_charge_air_cooler": null, "cooling_fan_kind": "ELECTRIC", "cooling_fan_shutoff_pa": 330.0, "cooling_fan_free_flow_m3s": 2.4, "cooling_fan_shrouded": true, "cooling_fan_shroud_left_mm": 60.0, "cooling_fan_shroud_bottom_mm": 0.0, "cooling_fan_shroud_width_mm": 640.0, "cooling_fan_shroud_height_mm": 520.0, "cooling_fan_pulley_ratio": null, "cooling_fan_reference_rpm": null, "cooling_fan_reference_kw": null, "cooling_fan_grips_from_c": null, "cooling_fan_grips_fully_c": null, "limits_coolant_c": 112.0, "limits_below_boiling_k": 8.0, "limits_pan_c": 107.0, "limits_feed_c": 150.0, "limits_overcooled_pan_c": 60.0}');
insert into trailer select * from jsonb_populate_record(null::trailer, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "name": "hive trailer", "mass_kg": 3100.0}');
insert into haul select * from jsonb_populate_record(null::haul, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "road": "Long Tallow", "grade_percent": 6.0, "speed_kmh": 75.0, "ambient_c": 38.0, "altitude_m": 600.0, "air_conditioning": true}');
insert into build select * from jsonb_populate_record(null::build, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "position": 0, "kind": "AS_FOUND", "name": "As found", "fan_speed_percent": 55.0, "fins_blocked_percent": 0.0, "recirculation": 0.02, "thermostat_start_c": 90.0, "thermostat_full_c": 99.0, "fan_on_c": 98.0, "fan_off_c": 93.0, "oil_order": "AFTER_TANK", "cooler": null, "cooler_left_mm": 50.0, "cooler_bottom_mm": 250.0}');
insert into build select * from jsonb_populate_record(null::build, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "position": 1, "kind": "RESTORED", "name": "Restored", "fan_speed_percent": 100.0, "fins_blocked_percent": 0.0, "recirculation": 0.02, "thermostat_start_c": 90.0, "thermostat_full_c": 99.0, "fan_on_c": 104.0, "fan_off_c": 100.0, "oil_order": "AFTER_TANK", "cooler": null, "cooler_left_mm": 50.0, "cooler_bottom_mm": 250.0}');
insert into build select * from jsonb_populate_record(null::build, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "position": 2, "kind": "PLAN", "name": "Plan A", "fan_speed_percent": 100.0, "fins_blocked_percent": 0.0, "recirculation": 0.02, "thermostat_start_c": 90.0, "thermostat_full_c": 99.0, "fan_on_c": 104.0, "fan_off_c": 100.0, "oil_order": "AFTER_TANK", "cooler_code": "SP-280-190", "cooler_name": "Stacked plate 280×190×32", "cooler_family": "STACKED_PLATE", "cooler_width_mm": 280.0, "cooler_height_mm": 190.0, "cooler_depth_mm": 32.0, "cooler_fins_per_inch": 14.0, "cooler_tube_pitch_mm": 10.5, "cooler_passes": 1, "cooler_port_bore_mm": 9.5, "cooler_ports": "3/8 in barb", "cooler_bypass_opens_c": null, "cooler_left_mm": 50.0, "cooler_bottom_mm": 250.0}');
insert into hose select * from jsonb_populate_record(null::hose, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "position": 0, "name": "tank outlet to cooler", "length_m": 0.9, "bore_mm": 9.5, "elbows": 1, "adapters": 2}');
insert into hose select * from jsonb_populate_record(null::hose, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "position": 1, "name": "cooler to gearbox return", "length_m": 1.1, "bore_mm": 9.5, "elbows": 1, "adapters": 2}');
insert into strip select * from jsonb_populate_record(null::strip, '{"job_id": "6b7e0d52-1f60-4e0e-9d43-0c6a6f0f0001", "position": 0, "name": "upper strip", "quantity": 2, "thickness_mm": 3.0, "width_mm": 25.0, "inside_radius_mm": 3.0, "left_leg_mm": 120.0, "offset_mm": 30.0, "offset_degrees": 45.0, "right_leg_mm": 180.0, "tab_mm": 25.0, "tab_degrees": 90.0}');

create table flyway_schema_history (
  installed_rank integer not null primary key, version varchar(50), description varchar(200) not null, type varchar(20) not null,
  script varchar(1000) not null, checksum integer, installed_by varchar(100) not null, installed_on timestamp not null default now(),
  execution_time integer not null, success boolean not null
);
insert into flyway_schema_history values (1, '1', 'jobs', 'SQL', 'V1__jobs.sql', 1234567, 'roadbreeze', now(), 20, true);
