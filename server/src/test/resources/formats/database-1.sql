--
-- PostgreSQL database dump
--


-- Dumped from database version 15.18 (Debian 15.18-0+deb12u1)
-- Dumped by pg_dump version 15.18 (Debian 15.18-0+deb12u1)

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: build; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.build (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    condition_bug_screen boolean NOT NULL,
    condition_condenser_blocked_percent double precision NOT NULL,
    condition_fins_blocked_percent double precision NOT NULL,
    condition_light_bar boolean NOT NULL,
    condition_plough boolean NOT NULL,
    condition_recirculation double precision NOT NULL,
    condition_winch boolean NOT NULL,
    kind character varying(120) NOT NULL,
    name character varying(120) NOT NULL,
    oil_order character varying(120) NOT NULL,
    parallel boolean NOT NULL,
    radiator_code character varying(120),
    radiator_depth_mm double precision,
    radiator_fins_per_inch double precision,
    radiator_height_mm double precision,
    radiator_in_tank_watts_per_kelvin double precision,
    radiator_metal character varying(120),
    radiator_name character varying(120),
    radiator_price double precision,
    radiator_tanks character varying(120),
    radiator_width_mm double precision,
    switching_fan_off_c double precision NOT NULL,
    switching_fan_on_c double precision NOT NULL,
    switching_thermostat_full_c double precision NOT NULL,
    switching_thermostat_start_c double precision NOT NULL
);


--
-- Name: build_cooler; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.build_cooler (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    build integer NOT NULL,
    bottom_mm double precision NOT NULL,
    bypass_opens_c double precision,
    code character varying(120) NOT NULL,
    depth_mm double precision NOT NULL,
    family character varying(120) NOT NULL,
    fins_per_inch double precision NOT NULL,
    gap_mm double precision NOT NULL,
    height_mm double precision NOT NULL,
    left_mm double precision NOT NULL,
    name character varying(120) NOT NULL,
    own_fan_m3s double precision,
    passes integer NOT NULL,
    place character varying(120) NOT NULL,
    port_bore_mm double precision NOT NULL,
    ports character varying(120) NOT NULL,
    price double precision NOT NULL,
    rating_factor double precision NOT NULL,
    sealed boolean NOT NULL,
    tube_pitch_mm double precision NOT NULL,
    width_mm double precision NOT NULL
);


--
-- Name: build_fan; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.build_fan (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    build integer NOT NULL,
    amps double precision,
    bottom_mm double precision NOT NULL,
    code character varying(120) NOT NULL,
    count integer NOT NULL,
    curve_m3s double precision[],
    curve_pa double precision[],
    diameter_mm double precision NOT NULL,
    free_flow_m3s double precision NOT NULL,
    grips_from_c double precision,
    grips_fully_c double precision,
    height_mm double precision NOT NULL,
    kind character varying(120) NOT NULL,
    left_mm double precision NOT NULL,
    mount character varying(120) NOT NULL,
    name character varying(120) NOT NULL,
    price double precision NOT NULL,
    pulley_ratio double precision,
    reference_kw double precision,
    reference_rpm double precision,
    shrouded boolean NOT NULL,
    shutoff_pa double precision,
    speed_percent double precision NOT NULL,
    volts double precision,
    width_mm double precision NOT NULL
);


--
-- Name: cap; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.cap (
    id character varying(120) NOT NULL,
    cap_kpa double precision NOT NULL,
    code character varying(120) NOT NULL,
    name character varying(120) NOT NULL,
    price double precision NOT NULL
);


--
-- Name: controller; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.controller (
    id character varying(120) NOT NULL,
    amps double precision NOT NULL,
    code character varying(120) NOT NULL,
    hysteresis_k double precision NOT NULL,
    kind character varying(120) NOT NULL,
    name character varying(120) NOT NULL,
    on_from_c double precision NOT NULL,
    on_to_c double precision NOT NULL,
    price double precision NOT NULL
);


--
-- Name: fan; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.fan (
    id character varying(120) NOT NULL,
    amps double precision,
    code character varying(120) NOT NULL,
    count integer NOT NULL,
    curve_m3s double precision[],
    curve_pa double precision[],
    diameter_mm double precision NOT NULL,
    free_flow_m3s double precision NOT NULL,
    grips_from_c double precision,
    grips_fully_c double precision,
    kind character varying(120) NOT NULL,
    name character varying(120) NOT NULL,
    price double precision NOT NULL,
    pulley_ratio double precision,
    reference_kw double precision,
    reference_rpm double precision,
    shutoff_pa double precision,
    volts double precision
);


--
-- Name: finder_part; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.finder_part (
    run_id uuid NOT NULL,
    number integer NOT NULL,
    done_at timestamp with time zone,
    done_by character varying(120),
    result jsonb,
    share double precision NOT NULL,
    tried bigint NOT NULL
);


--
-- Name: finder_run; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.finder_run (
    id uuid NOT NULL,
    cancelled boolean NOT NULL,
    failed boolean NOT NULL,
    parts integer NOT NULL,
    request jsonb NOT NULL,
    started_at timestamp with time zone NOT NULL
);


--
-- Name: flyway_schema_history; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.flyway_schema_history (
    installed_rank integer NOT NULL,
    version character varying(50),
    description character varying(200) NOT NULL,
    type character varying(20) NOT NULL,
    script character varying(1000) NOT NULL,
    checksum integer,
    installed_by character varying(100) NOT NULL,
    installed_on timestamp without time zone DEFAULT now() NOT NULL,
    execution_time integer NOT NULL,
    success boolean NOT NULL
);


--
-- Name: haul; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.haul (
    job_id uuid NOT NULL,
    air_conditioning boolean NOT NULL,
    altitude_m double precision NOT NULL,
    ambient_c double precision NOT NULL,
    grade_percent double precision NOT NULL,
    road character varying(120) NOT NULL,
    speed_kmh double precision NOT NULL
);


--
-- Name: hose; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.hose (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    adapters integer NOT NULL,
    bore_mm double precision NOT NULL,
    elbows integer NOT NULL,
    length_m double precision NOT NULL,
    name character varying(120) NOT NULL
);


--
-- Name: job; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.job (
    id uuid NOT NULL,
    changed_at timestamp with time zone NOT NULL,
    complaint character varying(2000) NOT NULL,
    lines_cold_c double precision NOT NULL,
    lines_found_bore_mm double precision NOT NULL,
    lines_found_length_m double precision NOT NULL,
    lines_found_loss double precision NOT NULL,
    lines_pump_max_kpa double precision NOT NULL,
    lines_spare_mm double precision NOT NULL,
    name character varying(120) NOT NULL,
    traverse_columns integer,
    traverse_readings_ms double precision[],
    traverse_where character varying(120),
    version bigint NOT NULL
);


--
-- Name: obstacle; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.obstacle (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    bottom_mm double precision NOT NULL,
    height_mm double precision NOT NULL,
    left_mm double precision NOT NULL,
    movable boolean NOT NULL,
    name character varying(120) NOT NULL,
    takes_air boolean NOT NULL,
    width_mm double precision NOT NULL
);


--
-- Name: oil_cooler; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.oil_cooler (
    id character varying(120) NOT NULL,
    bypass_opens_c double precision,
    code character varying(120) NOT NULL,
    depth_mm double precision NOT NULL,
    family character varying(120) NOT NULL,
    fins_per_inch double precision NOT NULL,
    height_mm double precision NOT NULL,
    name character varying(120) NOT NULL,
    passes integer NOT NULL,
    port_bore_mm double precision NOT NULL,
    ports character varying(120) NOT NULL,
    price double precision NOT NULL,
    tube_pitch_mm double precision NOT NULL,
    width_mm double precision NOT NULL
);


--
-- Name: origin; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.origin (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    kind character varying(120) NOT NULL,
    path character varying(120) NOT NULL
);


--
-- Name: radiator; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.radiator (
    id character varying(120) NOT NULL,
    code character varying(120) NOT NULL,
    depth_mm double precision NOT NULL,
    fins_per_inch double precision NOT NULL,
    height_mm double precision NOT NULL,
    in_tank_watts_per_kelvin double precision,
    metal character varying(120) NOT NULL,
    name character varying(120) NOT NULL,
    price double precision NOT NULL,
    tanks character varying(120) NOT NULL,
    width_mm double precision NOT NULL
);


--
-- Name: scheduled_tasks; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.scheduled_tasks (
    task_name text NOT NULL,
    task_instance text NOT NULL,
    task_data bytea,
    execution_time timestamp with time zone NOT NULL,
    picked boolean NOT NULL,
    picked_by text,
    last_success timestamp with time zone,
    last_failure timestamp with time zone,
    consecutive_failures integer,
    last_heartbeat timestamp with time zone,
    version bigint NOT NULL,
    priority smallint
);


--
-- Name: strip; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.strip (
    job_id uuid NOT NULL,
    "position" integer NOT NULL,
    inside_radius_mm double precision NOT NULL,
    left_leg_mm double precision NOT NULL,
    name character varying(120) NOT NULL,
    offset_degrees double precision NOT NULL,
    offset_mm double precision NOT NULL,
    quantity integer NOT NULL,
    right_leg_mm double precision NOT NULL,
    tab_degrees double precision NOT NULL,
    tab_mm double precision NOT NULL,
    thickness_mm double precision NOT NULL,
    width_mm double precision NOT NULL
);


--
-- Name: thermostat; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.thermostat (
    id character varying(120) NOT NULL,
    code character varying(120) NOT NULL,
    full_c double precision NOT NULL,
    name character varying(120) NOT NULL,
    price double precision NOT NULL,
    start_c double precision NOT NULL
);


--
-- Name: trailer; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.trailer (
    job_id uuid NOT NULL,
    mass_kg double precision NOT NULL,
    name character varying(120) NOT NULL
);


--
-- Name: vehicle; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.vehicle (
    job_id uuid NOT NULL,
    cooling_cap_kpa double precision NOT NULL,
    cooling_charge_air_cooler_bottom_mm double precision,
    cooling_charge_air_cooler_depth_mm double precision,
    cooling_charge_air_cooler_fins_per_inch double precision,
    cooling_charge_air_cooler_height_mm double precision,
    cooling_charge_air_cooler_left_mm double precision,
    cooling_charge_air_cooler_metal character varying(120),
    cooling_charge_air_cooler_width_mm double precision,
    cooling_charge_air_first boolean NOT NULL,
    cooling_condenser_bottom_mm double precision,
    cooling_condenser_depth_mm double precision,
    cooling_condenser_fins_per_inch double precision,
    cooling_condenser_height_mm double precision,
    cooling_condenser_left_mm double precision,
    cooling_condenser_metal character varying(120),
    cooling_condenser_width_mm double precision,
    cooling_core_gap_mm double precision NOT NULL,
    cooling_fan_factor double precision NOT NULL,
    cooling_fan_to_core_mm double precision NOT NULL,
    cooling_glycol_share double precision NOT NULL,
    cooling_opening_depth_mm double precision NOT NULL,
    cooling_opening_height_mm double precision NOT NULL,
    cooling_opening_width_mm double precision NOT NULL,
    cooling_pump_kgs_at4000 double precision NOT NULL,
    cooling_radiator_bottom_mm double precision NOT NULL,
    cooling_radiator_depth_mm double precision NOT NULL,
    cooling_radiator_fins_per_inch double precision NOT NULL,
    cooling_radiator_height_mm double precision NOT NULL,
    cooling_radiator_left_mm double precision NOT NULL,
    cooling_radiator_metal character varying(120) NOT NULL,
    cooling_radiator_width_mm double precision NOT NULL,
    cooling_ram_coefficient double precision NOT NULL,
    cooling_tip_gap_mm double precision NOT NULL,
    drag_area_m2 double precision NOT NULL,
    engine_accessory_kw double precision NOT NULL,
    engine_air_conditioning_kw double precision NOT NULL,
    engine_boost_ratio double precision,
    engine_condenser_kw double precision NOT NULL,
    engine_displacement_litres double precision NOT NULL,
    engine_kind character varying(120) NOT NULL,
    engine_torque_nm double precision[] NOT NULL,
    engine_torque_rpm double precision[] NOT NULL,
    gearbox_axle_efficiency double precision NOT NULL,
    gearbox_axle_ratio double precision NOT NULL,
    gearbox_case_watts_per_kelvin double precision NOT NULL,
    gearbox_gear_ratios double precision[] NOT NULL,
    gearbox_highest_rpm double precision NOT NULL,
    gearbox_in_tank_watts_per_kelvin double precision,
    gearbox_lock_above_kmh double precision NOT NULL,
    gearbox_lock_from_gear integer NOT NULL,
    gearbox_lugging_rpm double precision NOT NULL,
    gearbox_mesh_efficiency double precision NOT NULL,
    gearbox_oil_flow_lpm double precision NOT NULL,
    gearbox_oil_kv100 double precision NOT NULL,
    gearbox_oil_kv40 double precision NOT NULL,
    gearbox_spin_loss_kw double precision NOT NULL,
    gearbox_stall_rpm double precision NOT NULL,
    gearbox_stall_torque_nm double precision NOT NULL,
    gearbox_stall_torque_ratio double precision NOT NULL,
    gearbox_tyre_radius_m double precision NOT NULL,
    kind character varying(120) NOT NULL,
    limits_below_boiling_k double precision NOT NULL,
    limits_coolant_c double precision NOT NULL,
    limits_feed_c double precision NOT NULL,
    limits_overcooled_pan_c double precision NOT NULL,
    limits_pan_c double precision NOT NULL,
    mass_kg double precision NOT NULL,
    name character varying(120) NOT NULL,
    rolling_coefficient double precision NOT NULL
);


--
-- Data for Name: build; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.build VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, false, 0, 0, false, false, 0.02, false, 'AS_FOUND', 'As found', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 93, 98, 99, 90);
INSERT INTO public.build VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 1, false, 0, 0, false, false, 0.02, false, 'RESTORED', 'Restored', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 2, false, 0, 0, false, false, 0.02, false, 'PLAN', 'Plan A', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('d2569925-6508-4534-af70-8110bbc19171', 0, false, 0, 20, false, false, 0.1, false, 'AS_FOUND', 'As found', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 93, 98, 99, 90);
INSERT INTO public.build VALUES ('d2569925-6508-4534-af70-8110bbc19171', 1, false, 0, 0, false, false, 0.02, false, 'RESTORED', 'Restored', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, false, 0, 15, false, false, 0.08, false, 'AS_FOUND', 'As found', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 93, 98, 99, 90);
INSERT INTO public.build VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 1, false, 0, 0, false, false, 0.02, false, 'RESTORED', 'Restored', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 2, false, 0, 0, false, false, 0.02, false, 'PLAN', 'Plan A', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 0, false, 20, 25, true, true, 0.1, false, 'AS_FOUND', 'As found', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 93, 98, 99, 90);
INSERT INTO public.build VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 1, false, 0, 0, true, true, 0.04, false, 'RESTORED', 'Restored', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, false, 0, 0, false, false, 0.02, false, 'AS_FOUND', 'As found', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 93, 98, 99, 90);
INSERT INTO public.build VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, false, 0, 0, false, false, 0.02, false, 'RESTORED', 'Restored', 'AFTER_TANK', false, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 2, false, 0, 0, false, false, 0.02, false, 'PLAN', 'Plan A', 'TANK_BYPASSED', true, 'R-1', 42.5, 15.5, 500, NULL, 'COPPER', 'Radiator, ours', 310.25, 'METAL', 740, 100, 104, 99, 90);
INSERT INTO public.build VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 3, false, 0, 0, false, false, 0.02, false, 'PLAN', 'Plan B', 'TANK_BYPASSED', true, 'R-1', 42.5, 15.5, 500, NULL, 'COPPER', 'Radiator, ours', 310.25, 'METAL', 740, 100, 104, 99, 90);


--
-- Data for Name: build_cooler; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.build_cooler VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, 2, 250, NULL, 'SP-280-190', 32, 'STACKED_PLATE', 14, 20, 190, 50, 'Stacked plate 280×190×32', NULL, 1, 'FRONT', 9.5, '3/8 in barb', 165, 1, true, 10.5, 280);
INSERT INTO public.build_cooler VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, 2, 200, NULL, 'SP-330-260', 38, 'STACKED_PLATE', 13, 20, 260, 60, 'Stacked plate 330×260×38', NULL, 1, 'FRONT', 12.7, '1/2 in barb', 245, 1, true, 10.5, 330);
INSERT INTO public.build_cooler VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, 2, 250, NULL, 'SP-280-190', 32, 'STACKED_PLATE', 14, 20, 190, 50, 'Stacked plate 280×190×32', NULL, 1, 'FRONT', 9.5, '3/8 in barb', 165, 1, true, 10.5, 280);
INSERT INTO public.build_cooler VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, 2, 250, 71.5, 'SP-280-190', 32, 'TUBE_AND_FIN', 14, 20, 190, 50, 'Stacked plate 280×190×32', 0.41, 1, 'ELSEWHERE', 9.5, '3/8 in barb', 165, 1, false, 10.5, 280);
INSERT INTO public.build_cooler VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 2, 3, 250, NULL, 'SP-280-190', 32, 'STACKED_PLATE', 14, 20, 190, 50, 'Stacked plate 280×190×32', NULL, 1, 'FRONT', 9.5, '3/8 in barb', 165, 1, true, 10.5, 280);
INSERT INTO public.build_cooler VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 3, 3, 250, 71.5, 'SP-280-190', 32, 'TUBE_AND_FIN', 14, 20, 190, 50, 'Stacked plate 280×190×32', 0.41, 1, 'ELSEWHERE', 9.5, '3/8 in barb', 165, 1, false, 10.5, 280);


--
-- Data for Name: build_fan; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.build_fan VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, 0, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 55, NULL, 640);
INSERT INTO public.build_fan VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 1, 1, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 2, 2, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('d2569925-6508-4534-af70-8110bbc19171', 0, 0, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 560, 3.6, 62, 86, 560, 'VISCOUS', 70, 'PULLER', 'Viscous fan 560, as fitted', 0, 1.1, 6, 2600, true, 560, 75, NULL, 620);
INSERT INTO public.build_fan VALUES ('d2569925-6508-4534-af70-8110bbc19171', 1, 1, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 560, 3.6, 62, 86, 560, 'VISCOUS', 70, 'PULLER', 'Viscous fan 560, as fitted', 0, 1.1, 6, 2600, true, 560, 100, NULL, 620);
INSERT INTO public.build_fan VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, 0, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 600, 4, 60, 85, 560, 'VISCOUS', 80, 'PULLER', 'Viscous fan 600, as fitted', 0, 1.05, 6, 2500, true, 520, 80, NULL, 640);
INSERT INTO public.build_fan VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 1, 1, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 600, 4, 60, 85, 560, 'VISCOUS', 80, 'PULLER', 'Viscous fan 600, as fitted', 0, 1.05, 6, 2500, true, 520, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 2, 2, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 600, 4, 60, 85, 560, 'VISCOUS', 80, 'PULLER', 'Viscous fan 600, as fitted', 0, 1.05, 6, 2500, true, 520, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 0, 0, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.6, 60, 84, 480, 'VISCOUS', 70, 'PULLER', 'Viscous fan 480, as fitted', 0, 1.2, 4.5, 3000, true, 420, 90, NULL, 600);
INSERT INTO public.build_fan VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 1, 1, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.6, 60, 84, 480, 'VISCOUS', 70, 'PULLER', 'Viscous fan 480, as fitted', 0, 1.2, 4.5, 3000, true, 420, 100, NULL, 600);
INSERT INTO public.build_fan VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, 0, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 55, NULL, 640);
INSERT INTO public.build_fan VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, 1, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 2, 2, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 3, 2, 14, 0, 'AS-FITTED', 1, '{0,0.35,0.7}', '{210,160.5,20}', 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PUSHER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, NULL, 100, 12.8, 640);
INSERT INTO public.build_fan VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 4, 3, NULL, 0, 'AS-FITTED', 1, NULL, NULL, 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PULLER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, 330, 100, NULL, 640);
INSERT INTO public.build_fan VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 5, 3, 14, 0, 'AS-FITTED', 1, '{0,0.35,0.7}', '{210,160.5,20}', 480, 2.4, NULL, NULL, 520, 'ELECTRIC', 60, 'PUSHER', 'Electric fan 480, as fitted', 0, NULL, NULL, NULL, true, NULL, 100, 12.8, 640);


--
-- Data for Name: cap; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.cap VALUES ('CAP-50', 50, 'CAP-50', 'Cap 50 kPa', 12);
INSERT INTO public.cap VALUES ('CAP-70', 70, 'CAP-70', 'Cap 70 kPa', 12);
INSERT INTO public.cap VALUES ('CAP-90', 90, 'CAP-90', 'Cap 90 kPa', 12);
INSERT INTO public.cap VALUES ('CAP-100', 100, 'CAP-100', 'Cap 100 kPa', 14);
INSERT INTO public.cap VALUES ('CAP-110', 110, 'CAP-110', 'Cap 110 kPa', 14);
INSERT INTO public.cap VALUES ('CAP-124', 124, 'CAP-124', 'Cap 124 kPa', 16);
INSERT INTO public.cap VALUES ('CAP-138', 138, 'CAP-138', 'Cap 138 kPa', 18);
INSERT INTO public.cap VALUES ('CAP-145', 145, 'CAP-145', 'Cap 145 kPa', 20);


--
-- Data for Name: controller; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.controller VALUES ('SW-92', 20, 'SW-92', 5, 'FIXED_SWITCH', 'Fixed switch 92 on, 87 off', 92, 92, 28);
INSERT INTO public.controller VALUES ('SW-97', 20, 'SW-97', 5, 'FIXED_SWITCH', 'Fixed switch 97 on, 92 off', 97, 97, 28);
INSERT INTO public.controller VALUES ('SW-102', 20, 'SW-102', 5, 'FIXED_SWITCH', 'Fixed switch 102 on, 97 off', 102, 102, 30);
INSERT INTO public.controller VALUES ('AC-40', 40, 'AC-40', 4, 'ADJUSTABLE', 'Adjustable, probe, 40 A', 70, 110, 68);
INSERT INTO public.controller VALUES ('AC-70', 70, 'AC-70', 5, 'ADJUSTABLE', 'Adjustable, screw-in sensor, 70 A', 75, 115, 96);
INSERT INTO public.controller VALUES ('TS-60', 60, 'TS-60', 4, 'TWO_SPEED', 'Two-speed, 2 relays, 60 A', 80, 110, 120);
INSERT INTO public.controller VALUES ('TS-80', 80, 'TS-80', 4, 'TWO_SPEED', 'Two-speed with air-conditioning input, 80 A', 80, 112, 148);
INSERT INTO public.controller VALUES ('DC-60', 60, 'DC-60', 3, 'DUTY', 'Duty controller, soft start, 60 A', 75, 115, 190);
INSERT INTO public.controller VALUES ('DC-80', 80, 'DC-80', 3, 'DUTY', 'Duty controller, oil sensor input, 80 A', 70, 120, 240);


--
-- Data for Name: fan; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.fan VALUES ('EF-300', 9, 'EF-300', 1, NULL, NULL, 300, 0.52, NULL, NULL, 'ELECTRIC', 'Electric 300, slim', 85, NULL, NULL, NULL, NULL, 13.5);
INSERT INTO public.fan VALUES ('EF-355', 14, 'EF-355', 1, NULL, NULL, 355, 0.78, NULL, NULL, 'ELECTRIC', 'Electric 355, slim', 110, NULL, NULL, NULL, NULL, 13.5);
INSERT INTO public.fan VALUES ('EF-405', 21, 'EF-405', 1, NULL, NULL, 405, 1.15, NULL, NULL, 'ELECTRIC', 'Electric 405, medium', 150, NULL, NULL, NULL, 240, 13.5);
INSERT INTO public.fan VALUES ('EF-405-H', 30, 'EF-405-H', 1, NULL, NULL, 405, 1.3, NULL, NULL, 'ELECTRIC', 'Electric 405, high pressure', 210, NULL, NULL, NULL, 320, 13.5);
INSERT INTO public.fan VALUES ('EF-480', 38, 'EF-480', 1, NULL, NULL, 480, 1.75, NULL, NULL, 'ELECTRIC', 'Electric 480, full shroud', 290, NULL, NULL, NULL, 280, 13.5);
INSERT INTO public.fan VALUES ('EF-480-H', 58, 'EF-480-H', 1, NULL, NULL, 480, 2.4, NULL, NULL, 'ELECTRIC', 'Electric 480, high output, full shroud', 380, NULL, NULL, NULL, 330, 13.5);
INSERT INTO public.fan VALUES ('EP-305', 28, 'EP-305', 2, NULL, NULL, 305, 1.3, NULL, NULL, 'ELECTRIC', 'Electric pair 2×305, full shroud', 260, NULL, NULL, NULL, 230, 13.5);
INSERT INTO public.fan VALUES ('EP-330', 38, 'EP-330', 2, NULL, NULL, 330, 1.7, NULL, NULL, 'ELECTRIC', 'Electric pair 2×330, full shroud', 330, NULL, NULL, NULL, 270, 13.5);
INSERT INTO public.fan VALUES ('EP-355-H', 60, 'EP-355-H', 2, NULL, NULL, 355, 2.4, NULL, NULL, 'ELECTRIC', 'Electric pair 2×355, high output', 440, NULL, NULL, NULL, 340, 13.5);
INSERT INTO public.fan VALUES ('EP-380-H', 74, 'EP-380-H', 2, '{0,1,2,2.9}', '{390,344,205,0}', 380, 2.9, NULL, NULL, 'ELECTRIC', 'Electric pair 2×380, high output, measured curve', 560, NULL, NULL, NULL, NULL, 13.5);
INSERT INTO public.fan VALUES ('BF-480', NULL, 'BF-480', 1, NULL, NULL, 480, 2.4, NULL, NULL, 'BELT', 'Solid belt fan 480', 120, 1.1, 5.6, 2600, 420, NULL);
INSERT INTO public.fan VALUES ('VF-480', NULL, 'VF-480', 1, NULL, NULL, 480, 2.5, 62, 86, 'VISCOUS', 'Viscous 480, standard', 210, 1.15, 4.4, 2800, 400, NULL);
INSERT INTO public.fan VALUES ('VF-500', NULL, 'VF-500', 1, NULL, NULL, 500, 3, 58, 80, 'VISCOUS', 'Viscous 500, heavy duty', 265, 1.2, 6.2, 3000, 460, NULL);
INSERT INTO public.fan VALUES ('VF-560', NULL, 'VF-560', 1, NULL, NULL, 560, 3.9, 58, 80, 'VISCOUS', 'Viscous 560, heavy duty', 330, 1.1, 7, 2600, 600, NULL);
INSERT INTO public.fan VALUES ('VF-600', NULL, 'VF-600', 1, NULL, NULL, 600, 4.4, 56, 78, 'VISCOUS', 'Viscous 600, severe', 390, 1.1, 8.5, 2600, 620, NULL);
INSERT INTO public.fan VALUES ('CF-500', NULL, 'CF-500', 1, NULL, NULL, 500, 3.1, 96, 104, 'CONTROLLED', 'Controlled clutch 500', 520, 1.2, 6.2, 3000, 470, NULL);
INSERT INTO public.fan VALUES ('CF-560', NULL, 'CF-560', 1, NULL, NULL, 560, 4, 96, 104, 'CONTROLLED', 'Controlled clutch 560', 590, 1.1, 7.2, 2600, 600, NULL);
INSERT INTO public.fan VALUES ('CF-600', NULL, 'CF-600', 1, NULL, NULL, 600, 4.5, 96, 104, 'CONTROLLED', 'Controlled clutch 600', 640, 1.1, 8.8, 2600, 630, NULL);


--
-- Data for Name: finder_part; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: finder_run; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'jobs', 'SQL', 'V1__jobs.sql', 1070818286, 'roadbreeze', '2026-11-25 22:36:49.036053', 77, true);


--
-- Data for Name: haul; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.haul VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', true, 600, 38, 6, 'Long Tallow', 75);
INSERT INTO public.haul VALUES ('d2569925-6508-4534-af70-8110bbc19171', true, 600, 40, 5.5, 'Long Tallow', 60);
INSERT INTO public.haul VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', true, 600, 34, 8, 'Quarry Stair', 28);
INSERT INTO public.haul VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', false, 900, 14, 5, 'Lantern Cutting', 80);
INSERT INTO public.haul VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', true, 600, 38, 6, 'Long Tallow', 75);


--
-- Data for Name: hose; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.hose VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, 2, 9.5, 1, 0.9, 'tank outlet to cooler');
INSERT INTO public.hose VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 1, 2, 9.5, 1, 1.1, 'cooler to gearbox return');
INSERT INTO public.hose VALUES ('d2569925-6508-4534-af70-8110bbc19171', 0, 2, 9.5, 1, 0.9, 'tank outlet to cooler');
INSERT INTO public.hose VALUES ('d2569925-6508-4534-af70-8110bbc19171', 1, 2, 9.5, 1, 1.1, 'cooler to gearbox return');
INSERT INTO public.hose VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, 2, 9.5, 1, 0.9, 'tank outlet to cooler');
INSERT INTO public.hose VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 1, 2, 9.5, 1, 1.1, 'cooler to gearbox return');
INSERT INTO public.hose VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 0, 2, 9.5, 1, 0.9, 'tank outlet to cooler');
INSERT INTO public.hose VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 1, 2, 9.5, 1, 1.1, 'cooler to gearbox return');
INSERT INTO public.hose VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, 2, 9.5, 1, 0.9, 'tank outlet to cooler');
INSERT INTO public.hose VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, 2, 9.5, 1, 1.1, 'cooler to gearbox return');


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', '2026-11-25 22:36:54.747844+00', 'Runs hot on Long Tallow with a full load of hives; the fan sounds weak.', -10, 9.5, 2.4, 5, 420, 80, 'Hive utility', NULL, NULL, NULL, 1);
INSERT INTO public.job VALUES ('d2569925-6508-4534-af70-8110bbc19171', '2026-11-25 22:36:54.929696+00', 'Carries a van over Long Tallow in summer; the gauge creeps up and the air conditioning cuts out.', -10, 9.5, 2.4, 5, 420, 80, 'Tilt-tray', NULL, NULL, NULL, 1);
INSERT INTO public.job VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', '2026-11-25 22:36:54.949813+00', 'Slow up the gravel of Quarry Stair with the cable drum; burnt smell from the gearbox.', -10, 9.5, 2.4, 5, 420, 80, 'Bucket truck', NULL, NULL, NULL, 1);
INSERT INTO public.job VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', '2026-11-25 22:36:54.972978+00', 'Pulls the salt trailer between yards with the plough up; overheats on the mild days.', -10, 9.5, 2.4, 5, 420, 80, 'Plough pickup', NULL, NULL, NULL, 1);
INSERT INTO public.job VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', '2026-11-25 22:37:49.611168+00', 'Runs hot on Long Tallow with a full load of hives; the fan sounds weak.', -10, 9.5, 2.4, 5, 420, 80, 'Crowded', 2, '{2.75,2.75,2.75,2.75}', 'AT_CORE', 1);


--
-- Data for Name: obstacle; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.obstacle VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, -20, 560, 370, false, 'latch brace', false, 34);
INSERT INTO public.obstacle VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 1, 430, 90, 640, true, 'horn', false, 90);
INSERT INTO public.obstacle VALUES ('d2569925-6508-4534-af70-8110bbc19171', 0, 520, 70, 350, false, 'bonnet latch', false, 80);
INSERT INTO public.obstacle VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, -20, 60, 380, false, 'tow hook plate', false, 60);
INSERT INTO public.obstacle VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 0, -30, 70, 300, false, 'plough mount', true, 140);
INSERT INTO public.obstacle VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, -20, 560, 370, false, 'latch brace', false, 34);
INSERT INTO public.obstacle VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, 430, 90, 640, true, 'horn', false, 90);


--
-- Data for Name: oil_cooler; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.oil_cooler VALUES ('TF-260-130', NULL, 'TF-260-130', 19, 'TUBE_AND_FIN', 10, 130, 'Tube-and-fin 260×130×19', 2, 8, '5/16 in barb', 48, 10.5, 260);
INSERT INTO public.oil_cooler VALUES ('TF-330-150', NULL, 'TF-330-150', 19, 'TUBE_AND_FIN', 10, 150, 'Tube-and-fin 330×150×19', 2, 9.5, '3/8 in barb', 58, 10.5, 330);
INSERT INTO public.oil_cooler VALUES ('TF-330-190', NULL, 'TF-330-190', 19, 'TUBE_AND_FIN', 10, 190, 'Tube-and-fin 330×190×19', 2, 9.5, '3/8 in barb', 66, 10.5, 330);
INSERT INTO public.oil_cooler VALUES ('TF-380-190', NULL, 'TF-380-190', 19, 'TUBE_AND_FIN', 10, 190, 'Tube-and-fin 380×190×19', 4, 9.5, '3/8 in barb', 74, 10.5, 380);
INSERT INTO public.oil_cooler VALUES ('TF-400-250', NULL, 'TF-400-250', 22, 'TUBE_AND_FIN', 11, 250, 'Tube-and-fin 400×250×22', 4, 9.5, '3/8 in barb', 92, 10.5, 400);
INSERT INTO public.oil_cooler VALUES ('TF-500-250', NULL, 'TF-500-250', 22, 'TUBE_AND_FIN', 11, 250, 'Tube-and-fin 500×250×22', 6, 9.5, '3/8 in barb', 108, 10.5, 500);
INSERT INTO public.oil_cooler VALUES ('TF-560-300', NULL, 'TF-560-300', 25, 'TUBE_AND_FIN', 11, 300, 'Tube-and-fin 560×300×25', 6, 12.7, '1/2 in barb', 138, 10.5, 560);
INSERT INTO public.oil_cooler VALUES ('TF-300-90', NULL, 'TF-300-90', 19, 'TUBE_AND_FIN', 10, 90, 'Tube-and-fin 300×90×19', 2, 8, '5/16 in barb', 44, 10.5, 300);
INSERT INTO public.oil_cooler VALUES ('TF-450-110', NULL, 'TF-450-110', 19, 'TUBE_AND_FIN', 10, 110, 'Tube-and-fin 450×110×19', 2, 9.5, '3/8 in barb', 62, 10.5, 450);
INSERT INTO public.oil_cooler VALUES ('TF-280-280', NULL, 'TF-280-280', 22, 'TUBE_AND_FIN', 11, 280, 'Tube-and-fin 280×280×22', 4, 9.5, '3/8 in barb', 84, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('TF-620-200', NULL, 'TF-620-200', 22, 'TUBE_AND_FIN', 11, 200, 'Tube-and-fin 620×200×22', 4, 12.7, '1/2 in barb', 118, 10.5, 620);
INSERT INTO public.oil_cooler VALUES ('TF-230-200', NULL, 'TF-230-200', 19, 'TUBE_AND_FIN', 10, 200, 'Tube-and-fin 230×200×19', 2, 9.5, '3/8 in barb', 54, 10.5, 230);
INSERT INTO public.oil_cooler VALUES ('PF-220-130', NULL, 'PF-220-130', 25, 'PLATE_FIN', 13, 130, 'Plate-fin 220×130×25', 1, 9.5, '3/8 in flare', 88, 10.5, 220);
INSERT INTO public.oil_cooler VALUES ('PF-280-150', NULL, 'PF-280-150', 25, 'PLATE_FIN', 13, 150, 'Plate-fin 280×150×25', 1, 9.5, '3/8 in flare', 104, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('PF-280-200', NULL, 'PF-280-200', 32, 'PLATE_FIN', 13, 200, 'Plate-fin 280×200×32', 1, 9.5, '3/8 in flare', 136, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('PF-330-200', NULL, 'PF-330-200', 32, 'PLATE_FIN', 14, 200, 'Plate-fin 330×200×32', 1, 12.7, '1/2 in flare', 158, 10.5, 330);
INSERT INTO public.oil_cooler VALUES ('PF-400-220', NULL, 'PF-400-220', 38, 'PLATE_FIN', 13, 220, 'Plate-fin 400×220×38', 1, 12.7, '1/2 in flare', 204, 10.5, 400);
INSERT INTO public.oil_cooler VALUES ('PF-450-300', NULL, 'PF-450-300', 38, 'PLATE_FIN', 13, 300, 'Plate-fin 450×300×38', 1, 12.7, '1/2 in flare', 268, 10.5, 450);
INSERT INTO public.oil_cooler VALUES ('PF-340-110', NULL, 'PF-340-110', 32, 'PLATE_FIN', 14, 110, 'Plate-fin 340×110×32', 1, 9.5, '3/8 in flare', 112, 10.5, 340);
INSERT INTO public.oil_cooler VALUES ('PF-500-130', NULL, 'PF-500-130', 32, 'PLATE_FIN', 14, 130, 'Plate-fin 500×130×32', 1, 12.7, '1/2 in flare', 168, 10.5, 500);
INSERT INTO public.oil_cooler VALUES ('PF-260-260', NULL, 'PF-260-260', 32, 'PLATE_FIN', 13, 260, 'Plate-fin 260×260×32', 1, 9.5, '3/8 in flare', 162, 10.5, 260);
INSERT INTO public.oil_cooler VALUES ('PF-560-240', NULL, 'PF-560-240', 38, 'PLATE_FIN', 13, 240, 'Plate-fin 560×240×38', 1, 12.7, '1/2 in flare', 286, 10.5, 560);
INSERT INTO public.oil_cooler VALUES ('PF-300-160', NULL, 'PF-300-160', 50, 'PLATE_FIN', 11, 160, 'Plate-fin 300×160×50', 1, 12.7, '1/2 in flare', 172, 10.5, 300);
INSERT INTO public.oil_cooler VALUES ('PF-200-200', NULL, 'PF-200-200', 25, 'PLATE_FIN', 14, 200, 'Plate-fin 200×200×25', 1, 9.5, '3/8 in flare', 98, 10.5, 200);
INSERT INTO public.oil_cooler VALUES ('PF-640-160', NULL, 'PF-640-160', 32, 'PLATE_FIN', 14, 160, 'Plate-fin 640×160×32', 1, 12.7, '1/2 in flare', 226, 10.5, 640);
INSERT INTO public.oil_cooler VALUES ('SP-200-140', NULL, 'SP-200-140', 32, 'STACKED_PLATE', 14, 140, 'Stacked plate 200×140×32', 1, 9.5, '3/8 in barb', 98, 10.5, 200);
INSERT INTO public.oil_cooler VALUES ('SP-280-150', NULL, 'SP-280-150', 32, 'STACKED_PLATE', 14, 150, 'Stacked plate 280×150×32', 1, 9.5, '3/8 in barb', 132, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('SP-280-190', NULL, 'SP-280-190', 32, 'STACKED_PLATE', 14, 190, 'Stacked plate 280×190×32', 1, 9.5, '3/8 in barb', 165, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('SP-280-190-B', 75, 'SP-280-190-B', 32, 'STACKED_PLATE', 14, 190, 'Stacked plate 280×190×32, with bypass', 1, 9.5, '3/8 in barb', 195, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('SP-280-250', NULL, 'SP-280-250', 32, 'STACKED_PLATE', 14, 250, 'Stacked plate 280×250×32', 1, 12.7, '1/2 in barb', 205, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('SP-300-200', NULL, 'SP-300-200', 38, 'STACKED_PLATE', 13, 200, 'Stacked plate 300×200×38', 1, 12.7, '1/2 in barb', 196, 10.5, 300);
INSERT INTO public.oil_cooler VALUES ('SP-300-200-B', 75, 'SP-300-200-B', 38, 'STACKED_PLATE', 13, 200, 'Stacked plate 300×200×38, with bypass', 1, 12.7, '1/2 in barb', 226, 10.5, 300);
INSERT INTO public.oil_cooler VALUES ('SP-330-260', NULL, 'SP-330-260', 38, 'STACKED_PLATE', 13, 260, 'Stacked plate 330×260×38', 1, 12.7, '1/2 in barb', 245, 10.5, 330);
INSERT INTO public.oil_cooler VALUES ('SP-330-260-B', 80, 'SP-330-260-B', 38, 'STACKED_PLATE', 13, 260, 'Stacked plate 330×260×38, with bypass', 1, 12.7, '1/2 in barb', 278, 10.5, 330);
INSERT INTO public.oil_cooler VALUES ('SP-400-260', NULL, 'SP-400-260', 50, 'STACKED_PLATE', 12, 260, 'Stacked plate 400×260×50', 1, 12.7, '1/2 in barb', 318, 10.5, 400);
INSERT INTO public.oil_cooler VALUES ('SP-480-330-B', 85, 'SP-480-330-B', 50, 'STACKED_PLATE', 12, 330, 'Stacked plate 480×330×50, with bypass', 1, 16, 'M22 port', 436, 10.5, 480);
INSERT INTO public.oil_cooler VALUES ('SP-280-110', NULL, 'SP-280-110', 32, 'STACKED_PLATE', 14, 110, 'Stacked plate 280×110×32', 1, 9.5, '3/8 in barb', 108, 10.5, 280);
INSERT INTO public.oil_cooler VALUES ('SP-340-150', NULL, 'SP-340-150', 32, 'STACKED_PLATE', 14, 150, 'Stacked plate 340×150×32', 1, 9.5, '3/8 in barb', 158, 10.5, 340);
INSERT INTO public.oil_cooler VALUES ('SP-340-150-B', 75, 'SP-340-150-B', 32, 'STACKED_PLATE', 14, 150, 'Stacked plate 340×150×32, with bypass', 1, 9.5, '3/8 in barb', 186, 10.5, 340);
INSERT INTO public.oil_cooler VALUES ('SP-240-240', NULL, 'SP-240-240', 32, 'STACKED_PLATE', 14, 240, 'Stacked plate 240×240×32', 1, 12.7, '1/2 in barb', 188, 10.5, 240);
INSERT INTO public.oil_cooler VALUES ('SP-420-180', NULL, 'SP-420-180', 38, 'STACKED_PLATE', 13, 180, 'Stacked plate 420×180×38', 1, 12.7, '1/2 in barb', 232, 10.5, 420);
INSERT INTO public.oil_cooler VALUES ('SP-420-180-B', 80, 'SP-420-180-B', 38, 'STACKED_PLATE', 13, 180, 'Stacked plate 420×180×38, with bypass', 1, 12.7, '1/2 in barb', 264, 10.5, 420);
INSERT INTO public.oil_cooler VALUES ('SP-560-160', NULL, 'SP-560-160', 38, 'STACKED_PLATE', 13, 160, 'Stacked plate 560×160×38', 1, 12.7, '1/2 in barb', 272, 10.5, 560);
INSERT INTO public.oil_cooler VALUES ('SP-260-330', NULL, 'SP-260-330', 38, 'STACKED_PLATE', 13, 330, 'Stacked plate 260×330×38', 1, 12.7, '1/2 in barb', 262, 10.5, 260);


--
-- Data for Name: origin; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.origin VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, 'MEASURED', 'vehicle.cooling.radiator.widthMm');
INSERT INTO public.origin VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 1, 'MEASURED', 'vehicle.cooling.radiator.heightMm');
INSERT INTO public.origin VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 2, 'MEASURED', 'vehicle.cooling.radiator.depthMm');
INSERT INTO public.origin VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 3, 'MEASURED', 'trailer.massKg');
INSERT INTO public.origin VALUES ('d2569925-6508-4534-af70-8110bbc19171', 0, 'DEFAULT', 'vehicle.cooling.pumpKgsAt4000');
INSERT INTO public.origin VALUES ('d2569925-6508-4534-af70-8110bbc19171', 1, 'DEFAULT', 'vehicle.gearbox.oilFlowLpm');
INSERT INTO public.origin VALUES ('d2569925-6508-4534-af70-8110bbc19171', 2, 'DEFAULT', 'vehicle.gearbox.inTankWattsPerKelvin');
INSERT INTO public.origin VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, 'DEFAULT', 'vehicle.gearbox.oilFlowLpm');
INSERT INTO public.origin VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 1, 'DEFAULT', 'vehicle.cooling.radiator.finsPerInch');
INSERT INTO public.origin VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 2, 'DEFAULT', 'vehicle.rollingCoefficient');
INSERT INTO public.origin VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 3, 'DEFAULT', 'vehicle.cooling.pumpKgsAt4000');
INSERT INTO public.origin VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 0, 'DEFAULT', 'vehicle.cooling.radiator.depthMm');
INSERT INTO public.origin VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 1, 'DEFAULT', 'vehicle.cooling.radiator.finsPerInch');
INSERT INTO public.origin VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 2, 'DEFAULT', 'fan.freeFlowM3s');
INSERT INTO public.origin VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 3, 'DEFAULT', 'trailer.massKg');
INSERT INTO public.origin VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 4, 'DEFAULT', 'vehicle.cooling.pumpKgsAt4000');
INSERT INTO public.origin VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, 'MEASURED', 'vehicle.cooling.radiator.widthMm');
INSERT INTO public.origin VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, 'MEASURED', 'vehicle.cooling.radiator.heightMm');
INSERT INTO public.origin VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 2, 'MEASURED', 'vehicle.cooling.radiator.depthMm');
INSERT INTO public.origin VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 3, 'MEASURED', 'trailer.massKg');
INSERT INTO public.origin VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 4, 'DEFAULT', 'fan.freeFlowM3s');


--
-- Data for Name: radiator; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.radiator VALUES ('RA-760-520-40A17', 'RA-760-520-40A17', 40, 17, 520, 320, 'ALUMINIUM', 'Aluminium 760×520×40, 2 rows, plastic tanks', 310, 'PLASTIC', 760);
INSERT INTO public.radiator VALUES ('RA-760-520-56A14', 'RA-760-520-56A14', 56, 14, 520, 340, 'ALUMINIUM', 'Aluminium 760×520×56, 3 rows, plastic tanks', 420, 'PLASTIC', 760);
INSERT INTO public.radiator VALUES ('RA-760-520-64A16', 'RA-760-520-64A16', 64, 16, 520, 360, 'ALUMINIUM', 'Aluminium 760×520×64, 3 rows, metal tanks', 690, 'METAL', 760);
INSERT INTO public.radiator VALUES ('RA-760-520-40C14', 'RA-760-520-40C14', 40, 14, 520, 300, 'COPPER', 'Copper-brass 760×520×40, 2 rows, metal tanks', 560, 'METAL', 760);
INSERT INTO public.radiator VALUES ('RA-760-520-60C12', 'RA-760-520-60C12', 60, 12, 520, 320, 'COPPER', 'Copper-brass 760×520×60, 3 rows, metal tanks', 720, 'METAL', 760);
INSERT INTO public.radiator VALUES ('RA-760-540-32A18', 'RA-760-540-32A18', 32, 18, 540, 300, 'ALUMINIUM', 'Aluminium 760×540×32, 2 rows, plastic tanks', 280, 'PLASTIC', 760);
INSERT INTO public.radiator VALUES ('RA-760-520-40AN17', 'RA-760-520-40AN17', 40, 17, 520, NULL, 'ALUMINIUM', 'Aluminium 760×520×40, 2 rows, metal tanks, no oil ports', 540, 'METAL', 760);
INSERT INTO public.radiator VALUES ('RA-740-480-32A16', 'RA-740-480-32A16', 32, 16, 480, 320, 'ALUMINIUM', 'Aluminium 740×480×32, 2 rows, plastic tanks', 270, 'PLASTIC', 740);
INSERT INTO public.radiator VALUES ('RA-740-480-48A15', 'RA-740-480-48A15', 48, 15, 480, 340, 'ALUMINIUM', 'Aluminium 740×480×48, 2 rows, metal tanks', 520, 'METAL', 740);
INSERT INTO public.radiator VALUES ('RA-740-500-40C14', 'RA-740-500-40C14', 40, 14, 500, 300, 'COPPER', 'Copper-brass 740×500×40, 2 rows, metal tanks', 540, 'METAL', 740);
INSERT INTO public.radiator VALUES ('RA-800-560-44C14', 'RA-800-560-44C14', 44, 14, 560, 300, 'COPPER', 'Copper-brass 800×560×44, 2 rows, metal tanks', 690, 'METAL', 800);
INSERT INTO public.radiator VALUES ('RA-800-560-48A15', 'RA-800-560-48A15', 48, 15, 560, 360, 'ALUMINIUM', 'Aluminium 800×560×48, 2 rows, metal tanks', 640, 'METAL', 800);
INSERT INTO public.radiator VALUES ('RA-800-560-64AN13', 'RA-800-560-64AN13', 64, 13, 560, NULL, 'ALUMINIUM', 'Aluminium 800×560×64, 3 rows, metal tanks, no oil ports', 760, 'METAL', 800);
INSERT INTO public.radiator VALUES ('RA-800-580-40A17', 'RA-800-580-40A17', 40, 17, 580, 340, 'ALUMINIUM', 'Aluminium 800×580×40, 2 rows, plastic tanks', 420, 'PLASTIC', 800);
INSERT INTO public.radiator VALUES ('RA-760-560-40A13', 'RA-760-560-40A13', 40, 13, 560, 340, 'ALUMINIUM', 'Aluminium 760×560×40, 2 rows, plastic tanks', 360, 'PLASTIC', 760);
INSERT INTO public.radiator VALUES ('RA-760-560-56A15', 'RA-760-560-56A15', 56, 15, 560, 360, 'ALUMINIUM', 'Aluminium 760×560×56, 3 rows, metal tanks', 610, 'METAL', 760);
INSERT INTO public.radiator VALUES ('RA-780-580-48A16', 'RA-780-580-48A16', 48, 16, 580, 340, 'ALUMINIUM', 'Aluminium 780×580×48, 2 rows, plastic tanks', 470, 'PLASTIC', 780);
INSERT INTO public.radiator VALUES ('RA-820-600-48A14', 'RA-820-600-48A14', 48, 14, 600, 340, 'ALUMINIUM', 'Aluminium 820×600×48, 2 rows, plastic tanks', 480, 'PLASTIC', 820);
INSERT INTO public.radiator VALUES ('RA-820-600-64AN15', 'RA-820-600-64AN15', 64, 15, 600, NULL, 'ALUMINIUM', 'Aluminium 820×600×64, 3 rows, metal tanks, no oil ports', 820, 'METAL', 820);


--
-- Data for Name: scheduled_tasks; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: strip; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.strip VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 0, 3.2, 60, 'upper strip', 45, 20, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 1, 3.2, 60, 'lower strip', 30, 12, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('d2569925-6508-4534-af70-8110bbc19171', 0, 3.2, 60, 'upper strip', 45, 20, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('d2569925-6508-4534-af70-8110bbc19171', 1, 3.2, 60, 'lower strip', 30, 12, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 0, 3.2, 60, 'upper strip', 45, 20, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 1, 3.2, 60, 'lower strip', 30, 12, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 0, 3.2, 60, 'upper strip', 45, 20, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 1, 3.2, 60, 'lower strip', 30, 12, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 0, 3.2, 60, 'upper strip', 45, 20, 1, 240, 90, 25, 3.2, 25);
INSERT INTO public.strip VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 1, 3.2, 60, 'lower strip', 30, 12, 1, 240, 90, 25, 3.2, 25);


--
-- Data for Name: thermostat; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.thermostat VALUES ('TH-71', 'TH-71', 80, 'Thermostat 71 to 80 °C', 24, 71);
INSERT INTO public.thermostat VALUES ('TH-77', 'TH-77', 86, 'Thermostat 77 to 86 °C', 24, 77);
INSERT INTO public.thermostat VALUES ('TH-82', 'TH-82', 91, 'Thermostat 82 to 91 °C', 22, 82);
INSERT INTO public.thermostat VALUES ('TH-85', 'TH-85', 94, 'Thermostat 85 to 94 °C', 26, 85);
INSERT INTO public.thermostat VALUES ('TH-88', 'TH-88', 97, 'Thermostat 88 to 97 °C', 22, 88);
INSERT INTO public.thermostat VALUES ('TH-90', 'TH-90', 99, 'Thermostat 90 to 99 °C', 22, 90);
INSERT INTO public.thermostat VALUES ('TH-92', 'TH-92', 102, 'Thermostat 92 to 102 °C', 28, 92);
INSERT INTO public.thermostat VALUES ('TH-95', 'TH-95', 105, 'Thermostat 95 to 105 °C', 30, 95);


--
-- Data for Name: trailer; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.trailer VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 3100, 'hive trailer');
INSERT INTO public.trailer VALUES ('d2569925-6508-4534-af70-8110bbc19171', 2100, 'van on the tray');
INSERT INTO public.trailer VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 1600, 'cable-drum trailer');
INSERT INTO public.trailer VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 1900, 'salt trailer');
INSERT INTO public.trailer VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 3100, 'hive trailer');


--
-- Data for Name: vehicle; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.vehicle VALUES ('e67eec19-067d-4928-b3ed-83769f7cf2a1', 100, NULL, NULL, NULL, NULL, NULL, NULL, NULL, false, 40, 16, 18, 440, 30, 'ALUMINIUM', 700, 12, 1, 30, 0.5, 120, 560, 800, 3, 0, 40, 17, 520, 0, 'ALUMINIUM', 760, 0.55, 12, 3.6, 1.5, 3.5, NULL, 7, 5.6, 'PETROL', '{390,490,530,545,525,465}', '{1000,2000,3000,4000,4600,5400}', 0.965, 3.73, 20, '{3.9,2.3,1.5,1.14,0.86,0.68}', 5000, 320, 50.4, 3, 1300, 0.97, 10, 7.3, 34, 1, 2300, 490, 2, 0.39, 'PETROL_UTILITY', 8, 112, 150, 60, 107, 2800, 'bee-keeper''s flat-bed utility', 0.01);
INSERT INTO public.vehicle VALUES ('d2569925-6508-4534-af70-8110bbc19171', 110, 40, 56, 11, 480, 0, 'ALUMINIUM', 760, true, 60, 18, 16, 400, 60, 'ALUMINIUM', 600, 15, 1, 35, 0.5, 140, 640, 880, 3.6, 0, 40, 13, 560, 0, 'ALUMINIUM', 760, 0.5, 15, 6.2, 2, 3, 2.3, 6, 5.2, 'BOOSTED_DIESEL', '{430,540,560,540,490,420}', '{1000,1400,1800,2200,2600,2900}', 0.965, 4.3, 28, '{3.54,1.9,1.35,1,0.74,0.62}', 2800, 340, 32, 2, 1200, 0.97, 12, 5.6, 29.5, 1.2, 1900, 520, 1.9, 0.38, 'MEDIUM_DIESEL', 8, 112, 150, 60, 107, 6200, 'tilt-tray recovery truck', 0.01);
INSERT INTO public.vehicle VALUES ('da77dd59-6ec9-4721-bf63-67490381f3e6', 100, NULL, NULL, NULL, NULL, NULL, NULL, NULL, false, 50, 16, 16, 420, 40, 'ALUMINIUM', 680, 12, 1, 32, 0.5, 110, 600, 860, 4, 0, 44, 14, 560, 0, 'COPPER', 800, 0.48, 14, 5.6, 1.8, 3, NULL, 6, 7.2, 'DIESEL', '{480,600,620,600,560,470}', '{900,1300,1700,2100,2500,3000}', 0.965, 4.1, 26, '{3.45,2.25,1.5,1,0.75}', 2900, 300, 45, 3, 1100, 0.97, 11, 7.3, 34, 1.2, 1900, 600, 2, 0.38, 'MEDIUM_DIESEL', 8, 112, 150, 60, 107, 5200, 'line crew''s bucket truck', 0.02);
INSERT INTO public.vehicle VALUES ('b97cc9ca-be32-443c-913b-6b5e68946e8d', 110, NULL, NULL, NULL, NULL, NULL, NULL, NULL, false, 40, 16, 18, 400, 30, 'ALUMINIUM', 660, 12, 1, 28, 0.55, 130, 540, 820, 3.1, 0, 32, 16, 480, 0, 'ALUMINIUM', 740, 0.55, 12, 3.9, 1.6, 3.5, NULL, 7, 6.2, 'PETROL', '{430,520,560,575,540,490}', '{1000,2000,3000,4000,4800,5400}', 0.965, 4.1, 20, '{4.03,2.36,1.53,1.15,0.85,0.67}', 5000, 320, 50, 3, 1300, 0.97, 10, 5.6, 29.5, 1, 2300, 520, 2, 0.4, 'PLOUGH_PICKUP', 8, 112, 150, 60, 107, 3300, 'yard snow-plough pickup', 0.014);
INSERT INTO public.vehicle VALUES ('60ba1085-424a-4231-aff0-98b6fb40fd9e', 100, 40, 40.5, 18, 440, 30, 'ALUMINIUM', 700, false, 40, 16, 18, 440, 30, 'ALUMINIUM', 700, 12, 1, 30, 0.5, 120, 560, 800, 3, 0, 40, 17, 520, 0, 'ALUMINIUM', 760, 0.55, 12, 3.6, 1.5, 3.5, 2.2, 7, 5.6, 'BOOSTED_DIESEL', '{390,490,530,545,525,465}', '{1000,2000,3000,4000,4600,5400}', 0.965, 3.73, 20, '{3.9,2.3,1.5,1.14,0.86,0.68}', 5000, 320, 50.4, 3, 1300, 0.97, 10, 7.3, 34, 1, 2300, 490, 2, 0.39, 'PETROL_UTILITY', 8, 112, 150, 60, 107, 2800, 'bee-keeper''s flat-bed utility', 0.01);


--
-- Name: build_cooler build_cooler_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.build_cooler
    ADD CONSTRAINT build_cooler_pkey PRIMARY KEY (job_id, "position");


--
-- Name: build_fan build_fan_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.build_fan
    ADD CONSTRAINT build_fan_pkey PRIMARY KEY (job_id, "position");


--
-- Name: build build_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.build
    ADD CONSTRAINT build_pkey PRIMARY KEY (job_id, "position");


--
-- Name: cap cap_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cap
    ADD CONSTRAINT cap_pkey PRIMARY KEY (id);


--
-- Name: controller controller_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.controller
    ADD CONSTRAINT controller_pkey PRIMARY KEY (id);


--
-- Name: fan fan_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.fan
    ADD CONSTRAINT fan_pkey PRIMARY KEY (id);


--
-- Name: finder_part finder_part_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.finder_part
    ADD CONSTRAINT finder_part_pkey PRIMARY KEY (run_id, number);


--
-- Name: finder_run finder_run_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.finder_run
    ADD CONSTRAINT finder_run_pkey PRIMARY KEY (id);


--
-- Name: flyway_schema_history flyway_schema_history_pk; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);


--
-- Name: haul haul_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.haul
    ADD CONSTRAINT haul_pkey PRIMARY KEY (job_id);


--
-- Name: hose hose_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.hose
    ADD CONSTRAINT hose_pkey PRIMARY KEY (job_id, "position");


--
-- Name: job job_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.job
    ADD CONSTRAINT job_pkey PRIMARY KEY (id);


--
-- Name: obstacle obstacle_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.obstacle
    ADD CONSTRAINT obstacle_pkey PRIMARY KEY (job_id, "position");


--
-- Name: oil_cooler oil_cooler_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.oil_cooler
    ADD CONSTRAINT oil_cooler_pkey PRIMARY KEY (id);


--
-- Name: origin origin_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.origin
    ADD CONSTRAINT origin_pkey PRIMARY KEY (job_id, "position");


--
-- Name: radiator radiator_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.radiator
    ADD CONSTRAINT radiator_pkey PRIMARY KEY (id);


--
-- Name: scheduled_tasks scheduled_tasks_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.scheduled_tasks
    ADD CONSTRAINT scheduled_tasks_pkey PRIMARY KEY (task_name, task_instance);


--
-- Name: strip strip_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.strip
    ADD CONSTRAINT strip_pkey PRIMARY KEY (job_id, "position");


--
-- Name: thermostat thermostat_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.thermostat
    ADD CONSTRAINT thermostat_pkey PRIMARY KEY (id);


--
-- Name: trailer trailer_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trailer
    ADD CONSTRAINT trailer_pkey PRIMARY KEY (job_id);


--
-- Name: vehicle vehicle_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.vehicle
    ADD CONSTRAINT vehicle_pkey PRIMARY KEY (job_id);


--
-- Name: flyway_schema_history_s_idx; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);


--
-- Name: scheduled_tasks_execution_time; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX scheduled_tasks_execution_time ON public.scheduled_tasks USING btree (execution_time);


--
-- Name: scheduled_tasks_last_heartbeat; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX scheduled_tasks_last_heartbeat ON public.scheduled_tasks USING btree (last_heartbeat);


--
-- Name: scheduled_tasks_priority; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX scheduled_tasks_priority ON public.scheduled_tasks USING btree (priority DESC, execution_time);


--
-- Name: build_cooler build_cooler_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.build_cooler
    ADD CONSTRAINT build_cooler_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: build_fan build_fan_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.build_fan
    ADD CONSTRAINT build_fan_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: build build_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.build
    ADD CONSTRAINT build_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: finder_part finder_part_run_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.finder_part
    ADD CONSTRAINT finder_part_run_id_fkey FOREIGN KEY (run_id) REFERENCES public.finder_run(id) ON DELETE CASCADE;


--
-- Name: haul haul_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.haul
    ADD CONSTRAINT haul_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: hose hose_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.hose
    ADD CONSTRAINT hose_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: obstacle obstacle_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.obstacle
    ADD CONSTRAINT obstacle_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: origin origin_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.origin
    ADD CONSTRAINT origin_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: strip strip_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.strip
    ADD CONSTRAINT strip_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: trailer trailer_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.trailer
    ADD CONSTRAINT trailer_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: vehicle vehicle_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.vehicle
    ADD CONSTRAINT vehicle_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- PostgreSQL database dump complete
--


