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
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

SET default_tablespace = '';

SET default_table_access_method = heap;

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
-- Name: job; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.job (
    id uuid NOT NULL,
    format integer NOT NULL
);


--
-- Name: job_section; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.job_section (
    job_id uuid NOT NULL,
    name character varying(40) NOT NULL,
    version bigint NOT NULL,
    "position" integer NOT NULL,
    saved_at timestamp with time zone NOT NULL,
    body jsonb NOT NULL
);


--
-- Name: long_run; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.long_run (
    id uuid NOT NULL,
    kind character varying(40) NOT NULL,
    request jsonb NOT NULL,
    parts integer NOT NULL,
    started_at timestamp with time zone NOT NULL,
    cancelled boolean NOT NULL,
    failed boolean NOT NULL
);


--
-- Name: long_run_part; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.long_run_part (
    run_id uuid NOT NULL,
    number integer NOT NULL,
    share double precision NOT NULL,
    tried bigint NOT NULL,
    result jsonb,
    done_at timestamp with time zone,
    done_by character varying(120)
);


--
-- Name: part; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.part (
    shelf character varying(40) NOT NULL,
    code character varying(40) NOT NULL,
    body jsonb NOT NULL
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
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'jobs', 'SQL', 'V1__jobs.sql', 1070818286, 'postgres', '2026-11-26 05:21:17.54589', 91, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'Sections', 'JDBC', 'roadbreeze.server.job.format.V2__Sections', NULL, 'postgres', '2026-11-26 05:21:17.73828', 77, true);


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 2);
INSERT INTO public.job VALUES ('83e59b65-1b78-44fb-9a26-5c23fa69a4a1', 2);
INSERT INTO public.job VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 2);
INSERT INTO public.job VALUES ('3fe93a14-7916-4eeb-a994-f7093150919f', 2);


--
-- Data for Name: job_section; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job_section VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 'about', 0, 0, '2026-11-26 05:21:27.471666+00', '{"name": "Hive utility", "complaint": "Runs hot on Long Tallow with a full load of hives; the fan sounds weak."}');
INSERT INTO public.job_section VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 'rig', 0, 0, '2026-11-26 05:21:27.471666+00', '{"marks": {"trailer.massKg": "MEASURED", "vehicle.cooling.radiator.depthMm": "MEASURED", "vehicle.cooling.radiator.widthMm": "MEASURED", "vehicle.cooling.radiator.heightMm": "MEASURED"}, "trailer": {"name": "hive trailer", "massKg": 3100.0}, "vehicle": {"kind": "PETROL_UTILITY", "name": "bee-keeper''s flat-bed utility", "engine": {"kind": "PETROL", "idleRpm": null, "torqueNm": [390.0, 490.0, 530.0, 545.0, 525.0, 465.0], "torqueRpm": [1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0], "boostRatio": null, "accessoryKw": 1.5, "condenserKw": 7.0, "airConditioningKw": 3.5, "displacementLitres": 5.6}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 2800.0, "cooling": {"capKpa": 100.0, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 520.0, "finsPerInch": 17.0}, "tipGapMm": 12.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 30.0, "depthMm": 16.0, "widthMm": 700.0, "bottomMm": 40.0, "heightMm": 440.0, "finsPerInch": 18.0}, "coreGapMm": 12.0, "fanFactor": 1.0, "fanToCoreMm": 30.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": false, "openingDepthMm": 120.0, "openingWidthMm": 800.0, "ramCoefficient": 0.55, "chargeAirCooler": null, "openingHeightMm": 560.0}, "gearbox": {"bypass": null, "oilKv40": 34.0, "oilKv100": 7.3, "stallRpm": 2300.0, "axleRatio": 3.73, "gearRatios": [3.9, 2.3, 1.5, 1.14, 0.86, 0.68], "highestRpm": 5000.0, "luggingRpm": 1300.0, "oilFlowLpm": 10.0, "spinLossKw": 1.0, "tyreRadiusM": 0.39, "lockAboveKmh": 50.4, "lockFromGear": 3, "stallTorqueNm": 490.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 2.0, "caseWattsPerKelvin": 20.0, "inTankWattsPerKelvin": 320.0}, "dragAreaM2": 3.6, "rollingCoefficient": 0.01}, "traverse": null, "obstacles": [{"id": "obstacle-1", "name": "latch brace", "leftMm": 370.0, "movable": false, "widthMm": 34.0, "bottomMm": -20.0, "heightMm": 560.0, "takesAir": false}, {"id": "obstacle-2", "name": "horn", "leftMm": 640.0, "movable": true, "widthMm": 90.0, "bottomMm": 430.0, "heightMm": 90.0, "takesAir": false}], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 'haul', 0, 0, '2026-11-26 05:21:27.471666+00', '{"road": "Long Tallow", "heater": null, "ambientC": 38.0, "holdGear": null, "speedKmh": 75.0, "altitudeM": 600.0, "gradePercent": 6.0, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 'build/found', 0, 0, '2026-11-26 05:21:27.471666+00', '{"id": "found", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 70.0, "switchPoints": {"onC": 98.0, "offC": 93.0}}], "kind": "AS_FOUND", "name": "As found", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 'build/restored', 0, 1, '2026-11-26 05:21:27.471666+00', '{"id": "restored", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0}}], "kind": "RESTORED", "name": "Restored", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('353076de-8485-41ec-868f-9265a5e3149c', 'build/plan-3', 0, 2, '2026-11-26 05:21:27.471666+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0}}], "kind": "PLAN", "name": "Plan A", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [{"id": "cooler-1", "part": {"code": "SP-280-190", "name": "Stacked plate 280×190×32", "ports": "3/8 in barb", "price": 165.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 190.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}, "gapMm": 20.0, "place": "FRONT", "leftMm": 50.0, "sealed": true, "bottomMm": 250.0, "ownFanM3s": null, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('83e59b65-1b78-44fb-9a26-5c23fa69a4a1', 'about', 0, 0, '2026-11-26 05:21:27.75828+00', '{"name": "Tilt-tray", "complaint": "Carries a van over Long Tallow in summer; the gauge creeps up and the air conditioning cuts out."}');
INSERT INTO public.job_section VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 'build/restored', 0, 1, '2026-11-26 05:21:27.798053+00', '{"id": "restored", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 600, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 520.0, "diameterMm": 600.0, "gripsFromC": 60.0, "freeFlowM3s": 4.0, "gripsFullyC": 85.0, "pulleyRatio": 1.05, "referenceKw": 6.0, "referenceRpm": 2500.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 80.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0}}], "kind": "RESTORED", "name": "Restored", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('83e59b65-1b78-44fb-9a26-5c23fa69a4a1', 'haul', 0, 0, '2026-11-26 05:21:27.75828+00', '{"road": "Long Tallow", "heater": null, "ambientC": 40.0, "holdGear": null, "speedKmh": 60.0, "altitudeM": 600.0, "gradePercent": 5.5, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('83e59b65-1b78-44fb-9a26-5c23fa69a4a1', 'build/found', 0, 0, '2026-11-26 05:21:27.75828+00', '{"id": "found", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 85.0, "switchPoints": {"onC": 98.0, "offC": 93.0}}], "kind": "AS_FOUND", "name": "As found", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.1, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 20.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('83e59b65-1b78-44fb-9a26-5c23fa69a4a1', 'build/restored', 0, 1, '2026-11-26 05:21:27.75828+00', '{"id": "restored", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0}}], "kind": "RESTORED", "name": "Restored", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 'about', 0, 0, '2026-11-26 05:21:27.798053+00', '{"name": "Bucket truck", "complaint": "Slow up the gravel of Quarry Stair with the cable drum; burnt smell from the gearbox."}');
INSERT INTO public.job_section VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 'rig', 0, 0, '2026-11-26 05:21:27.798053+00', '{"marks": {"vehicle.gearbox.oilFlowLpm": "DEFAULT", "vehicle.rollingCoefficient": "DEFAULT", "vehicle.cooling.pumpKgsAt4000": "DEFAULT", "vehicle.cooling.radiator.finsPerInch": "DEFAULT"}, "trailer": {"name": "cable-drum trailer", "massKg": 1600.0}, "vehicle": {"kind": "MEDIUM_DIESEL", "name": "line crew''s bucket truck", "engine": {"kind": "DIESEL", "idleRpm": null, "torqueNm": [480.0, 600.0, 620.0, 600.0, 560.0, 470.0], "torqueRpm": [900.0, 1300.0, 1700.0, 2100.0, 2500.0, 3000.0], "boostRatio": null, "accessoryKw": 1.8, "condenserKw": 6.0, "airConditioningKw": 3.0, "displacementLitres": 7.2}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 5200.0, "cooling": {"capKpa": 100.0, "radiator": {"metal": "COPPER", "tubes": null, "leftMm": 0.0, "depthMm": 44.0, "widthMm": 800.0, "bottomMm": 0.0, "heightMm": 560.0, "finsPerInch": 14.0}, "tipGapMm": 14.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 40.0, "depthMm": 16.0, "widthMm": 680.0, "bottomMm": 50.0, "heightMm": 420.0, "finsPerInch": 16.0}, "coreGapMm": 12.0, "fanFactor": 1.0, "fanToCoreMm": 32.0, "glycolShare": 0.5, "pumpKgsAt4000": 4.0, "chargeAirFirst": false, "openingDepthMm": 110.0, "openingWidthMm": 860.0, "ramCoefficient": 0.48, "chargeAirCooler": null, "openingHeightMm": 600.0}, "gearbox": {"bypass": null, "oilKv40": 34.0, "oilKv100": 7.3, "stallRpm": 1900.0, "axleRatio": 4.1, "gearRatios": [3.45, 2.25, 1.5, 1.0, 0.75], "highestRpm": 2900.0, "luggingRpm": 1100.0, "oilFlowLpm": 11.0, "spinLossKw": 1.2, "tyreRadiusM": 0.38, "lockAboveKmh": 45.0, "lockFromGear": 3, "stallTorqueNm": 600.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 2.0, "caseWattsPerKelvin": 26.0, "inTankWattsPerKelvin": 300.0}, "dragAreaM2": 5.6, "rollingCoefficient": 0.025}, "traverse": null, "obstacles": [{"id": "obstacle-1", "name": "tow hook plate", "leftMm": 380.0, "movable": false, "widthMm": 60.0, "bottomMm": -20.0, "heightMm": 60.0, "takesAir": false}], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 'haul', 0, 0, '2026-11-26 05:21:27.798053+00', '{"road": "Quarry Stair", "heater": null, "ambientC": 34.0, "holdGear": null, "speedKmh": 26.0, "altitudeM": 600.0, "gradePercent": 9.0, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 'build/found', 0, 0, '2026-11-26 05:21:27.798053+00', '{"id": "found", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 600, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 520.0, "diameterMm": 600.0, "gripsFromC": 60.0, "freeFlowM3s": 4.0, "gripsFullyC": 85.0, "pulleyRatio": 1.05, "referenceKw": 6.0, "referenceRpm": 2500.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 80.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 80.0, "switchPoints": {"onC": 98.0, "offC": 93.0}}], "kind": "AS_FOUND", "name": "As found", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.08, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 15.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('939e9afb-bf47-4652-8f48-64a63c7da32c', 'build/plan-3', 0, 2, '2026-11-26 05:21:27.798053+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 600, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 520.0, "diameterMm": 600.0, "gripsFromC": 60.0, "freeFlowM3s": 4.0, "gripsFullyC": 85.0, "pulleyRatio": 1.05, "referenceKw": 6.0, "referenceRpm": 2500.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 80.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0}}], "kind": "PLAN", "name": "Plan A", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [{"id": "cooler-1", "part": {"code": "SP-330-260", "name": "Stacked plate 330×260×38", "ports": "1/2 in barb", "price": 245.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 330.0, "heightMm": 260.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}, "gapMm": 20.0, "place": "FRONT", "leftMm": 60.0, "sealed": true, "bottomMm": 200.0, "ownFanM3s": null, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('3fe93a14-7916-4eeb-a994-f7093150919f', 'about', 0, 0, '2026-11-26 05:21:27.842142+00', '{"name": "Plough pickup", "complaint": "Pulls the salt trailer between yards with the plough up; overheats on the mild days."}');
INSERT INTO public.job_section VALUES ('3fe93a14-7916-4eeb-a994-f7093150919f', 'haul', 0, 0, '2026-11-26 05:21:27.842142+00', '{"road": "Lantern Cutting", "heater": null, "ambientC": 14.0, "holdGear": null, "speedKmh": 80.0, "altitudeM": 900.0, "gradePercent": 5.0, "airConditioning": false}');
INSERT INTO public.job_section VALUES ('3fe93a14-7916-4eeb-a994-f7093150919f', 'build/found', 0, 0, '2026-11-26 05:21:27.842142+00', '{"id": "found", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 480.0, "diameterMm": 480.0, "gripsFromC": 60.0, "freeFlowM3s": 2.8, "gripsFullyC": 84.0, "pulleyRatio": 1.2, "referenceKw": 4.5, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 600.0, "bottomMm": 0.0, "heightMm": 480.0, "shrouded": true, "speedPercent": 90.0, "switchPoints": {"onC": 98.0, "offC": 93.0}}], "kind": "AS_FOUND", "name": "As found", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {"fans.fan-1.part.freeFlowM3s": "DEFAULT"}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": true, "lightBar": true, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.1, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 25.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 20.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('3fe93a14-7916-4eeb-a994-f7093150919f', 'build/restored', 0, 1, '2026-11-26 05:21:27.842142+00', '{"id": "restored", "fans": [{"id": "fan-1", "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 480.0, "diameterMm": 480.0, "gripsFromC": 60.0, "freeFlowM3s": 2.8, "gripsFullyC": 84.0, "pulleyRatio": 1.2, "referenceKw": 4.5, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 600.0, "bottomMm": 0.0, "heightMm": 480.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0}}], "kind": "RESTORED", "name": "Restored", "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {"fans.fan-1.part.freeFlowM3s": "DEFAULT"}, "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": true, "lightBar": true, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "recirculation": 0.04, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}}');
INSERT INTO public.job_section VALUES ('3fe93a14-7916-4eeb-a994-f7093150919f', 'rig', 1, 0, '2026-11-26 05:21:44.486991+00', '{"marks": {"trailer.massKg": "DEFAULT", "vehicle.cooling.pumpKgsAt4000": "DEFAULT", "vehicle.cooling.radiator.depthMm": "DEFAULT", "vehicle.cooling.radiator.finsPerInch": "DEFAULT"}, "trailer": {"name": "salt trailer", "massKg": 1900.0}, "vehicle": {"kind": "PLOUGH_PICKUP", "name": "yard snow-plough pickup", "engine": {"kind": "PETROL", "idleRpm": null, "torqueNm": [430.0, 520.0, 560.0, 575.0, 540.0, 490.0], "torqueRpm": [1000.0, 2000.0, 3000.0, 4000.0, 4800.0, 5400.0], "boostRatio": null, "accessoryKw": 1.6, "condenserKw": 7.0, "airConditioningKw": 3.5, "displacementLitres": 6.2}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 3300.0, "cooling": {"capKpa": 110.0, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 32.0, "widthMm": 740.0, "bottomMm": 0.0, "heightMm": 480.0, "finsPerInch": 16.0}, "tipGapMm": 12.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 30.0, "depthMm": 16.0, "widthMm": 660.0, "bottomMm": 40.0, "heightMm": 400.0, "finsPerInch": 18.0}, "coreGapMm": 12.0, "fanFactor": 1.0, "fanToCoreMm": 28.0, "glycolShare": 0.55, "pumpKgsAt4000": 3.1, "chargeAirFirst": false, "openingDepthMm": 130.0, "openingWidthMm": 820.0, "ramCoefficient": 0.55, "chargeAirCooler": null, "openingHeightMm": 540.0}, "gearbox": {"bypass": {"fullC": 85.0, "state": "STUCK_SHUT", "startC": 70.0}, "oilKv40": 29.5, "oilKv100": 5.6, "stallRpm": 2300.0, "axleRatio": 4.1, "gearRatios": [4.03, 2.36, 1.53, 1.15, 0.85, 0.67], "highestRpm": 5000.0, "luggingRpm": 1300.0, "oilFlowLpm": 10.0, "spinLossKw": 1.0, "tyreRadiusM": 0.4, "lockAboveKmh": 50.0, "lockFromGear": 3, "stallTorqueNm": 520.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 2.0, "caseWattsPerKelvin": 20.0, "inTankWattsPerKelvin": 320.0}, "dragAreaM2": 3.9, "rollingCoefficient": 0.014}, "traverse": null, "obstacles": [{"id": "obstacle-1", "name": "plough mount", "leftMm": 300.0, "movable": false, "widthMm": 140.0, "bottomMm": -30.0, "heightMm": 70.0, "takesAir": true}], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('83e59b65-1b78-44fb-9a26-5c23fa69a4a1', 'rig', 1, 0, '2026-11-26 05:21:44.528321+00', '{"marks": {"vehicle.gearbox.oilFlowLpm": "DEFAULT", "vehicle.cooling.pumpKgsAt4000": "DEFAULT", "vehicle.gearbox.inTankWattsPerKelvin": "DEFAULT"}, "trailer": {"name": "van on the tray", "massKg": 2100.0}, "vehicle": {"kind": "MEDIUM_DIESEL", "name": "tilt-tray recovery truck", "engine": {"kind": "BOOSTED_DIESEL", "idleRpm": 720.0, "torqueNm": [430.0, 545.0, 575.0, 570.0, 530.0, 450.0], "torqueRpm": [1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0], "boostRatio": 2.3, "accessoryKw": 2.0, "condenserKw": 6.0, "airConditioningKw": 3.0, "displacementLitres": 5.2}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 6200.0, "cooling": {"capKpa": 110.0, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 560.0, "finsPerInch": 13.0}, "tipGapMm": 15.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 60.0, "depthMm": 18.0, "widthMm": 600.0, "bottomMm": 60.0, "heightMm": 400.0, "finsPerInch": 16.0}, "coreGapMm": 15.0, "fanFactor": 1.0, "fanToCoreMm": 35.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": true, "openingDepthMm": 140.0, "openingWidthMm": 880.0, "ramCoefficient": 0.5, "chargeAirCooler": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 56.0, "widthMm": 760.0, "bottomMm": 40.0, "heightMm": 480.0, "finsPerInch": 11.0}, "openingHeightMm": 640.0}, "gearbox": {"bypass": {"fullC": 60.0, "state": "PINNED", "startC": 65.0}, "oilKv40": 29.5, "oilKv100": 5.6, "stallRpm": 1900.0, "axleRatio": 4.3, "gearRatios": [3.54, 1.9, 1.35, 1.0, 0.74, 0.62], "highestRpm": 2800.0, "luggingRpm": 1200.0, "oilFlowLpm": 12.0, "spinLossKw": 1.2, "tyreRadiusM": 0.38, "lockAboveKmh": 32.0, "lockFromGear": 2, "stallTorqueNm": 520.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 1.9, "caseWattsPerKelvin": 28.0, "inTankWattsPerKelvin": 340.0}, "dragAreaM2": 6.2, "rollingCoefficient": 0.01}, "traverse": null, "obstacles": [{"id": "obstacle-1", "name": "bonnet latch", "leftMm": 350.0, "movable": false, "widthMm": 80.0, "bottomMm": 520.0, "heightMm": 70.0, "takesAir": false}], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');


--
-- Data for Name: long_run; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: long_run_part; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: part; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.part VALUES ('oil-coolers', 'TF-260-130', '{"code": "TF-260-130", "name": "Tube-and-fin 260×130×19", "ports": "5/16 in barb", "price": 48.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "widthMm": 260.0, "heightMm": 130.0, "opensKpa": null, "portBoreMm": 8.0, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-330-150', '{"code": "TF-330-150", "name": "Tube-and-fin 330×150×19", "ports": "3/8 in barb", "price": 58.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "widthMm": 330.0, "heightMm": 150.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-330-190', '{"code": "TF-330-190", "name": "Tube-and-fin 330×190×19", "ports": "3/8 in barb", "price": 66.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "widthMm": 330.0, "heightMm": 190.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-380-190', '{"code": "TF-380-190", "name": "Tube-and-fin 380×190×19", "ports": "3/8 in barb", "price": 74.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 19.0, "widthMm": 380.0, "heightMm": 190.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-400-250', '{"code": "TF-400-250", "name": "Tube-and-fin 400×250×22", "ports": "3/8 in barb", "price": 92.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 22.0, "widthMm": 400.0, "heightMm": 250.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-500-250', '{"code": "TF-500-250", "name": "Tube-and-fin 500×250×22", "ports": "3/8 in barb", "price": 108.0, "family": "TUBE_AND_FIN", "passes": 6, "depthMm": 22.0, "widthMm": 500.0, "heightMm": 250.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-560-300', '{"code": "TF-560-300", "name": "Tube-and-fin 560×300×25", "ports": "1/2 in barb", "price": 138.0, "family": "TUBE_AND_FIN", "passes": 6, "depthMm": 25.0, "widthMm": 560.0, "heightMm": 300.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-300-90', '{"code": "TF-300-90", "name": "Tube-and-fin 300×90×19", "ports": "5/16 in barb", "price": 44.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "widthMm": 300.0, "heightMm": 90.0, "opensKpa": null, "portBoreMm": 8.0, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-450-110', '{"code": "TF-450-110", "name": "Tube-and-fin 450×110×19", "ports": "3/8 in barb", "price": 62.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "widthMm": 450.0, "heightMm": 110.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-280-280', '{"code": "TF-280-280", "name": "Tube-and-fin 280×280×22", "ports": "3/8 in barb", "price": 84.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 22.0, "widthMm": 280.0, "heightMm": 280.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-620-200', '{"code": "TF-620-200", "name": "Tube-and-fin 620×200×22", "ports": "1/2 in barb", "price": 118.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 22.0, "widthMm": 620.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-230-200', '{"code": "TF-230-200", "name": "Tube-and-fin 230×200×19", "ports": "3/8 in barb", "price": 54.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "widthMm": 230.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-220-130', '{"code": "PF-220-130", "name": "Plate-fin 220×130×25", "ports": "3/8 in flare", "price": 88.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 25.0, "widthMm": 220.0, "heightMm": 130.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-280-150', '{"code": "PF-280-150", "name": "Plate-fin 280×150×25", "ports": "3/8 in flare", "price": 104.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 25.0, "widthMm": 280.0, "heightMm": 150.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-280-200', '{"code": "PF-280-200", "name": "Plate-fin 280×200×32", "ports": "3/8 in flare", "price": 136.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-330-200', '{"code": "PF-330-200", "name": "Plate-fin 330×200×32", "ports": "1/2 in flare", "price": 158.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "widthMm": 330.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-400-220', '{"code": "PF-400-220", "name": "Plate-fin 400×220×38", "ports": "1/2 in flare", "price": 204.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 38.0, "widthMm": 400.0, "heightMm": 220.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-450-300', '{"code": "PF-450-300", "name": "Plate-fin 450×300×38", "ports": "1/2 in flare", "price": 268.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 38.0, "widthMm": 450.0, "heightMm": 300.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-340-110', '{"code": "PF-340-110", "name": "Plate-fin 340×110×32", "ports": "3/8 in flare", "price": 112.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "widthMm": 340.0, "heightMm": 110.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-500-130', '{"code": "PF-500-130", "name": "Plate-fin 500×130×32", "ports": "1/2 in flare", "price": 168.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "widthMm": 500.0, "heightMm": 130.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-260-260', '{"code": "PF-260-260", "name": "Plate-fin 260×260×32", "ports": "3/8 in flare", "price": 162.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "widthMm": 260.0, "heightMm": 260.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-560-240', '{"code": "PF-560-240", "name": "Plate-fin 560×240×38", "ports": "1/2 in flare", "price": 286.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 38.0, "widthMm": 560.0, "heightMm": 240.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-300-160', '{"code": "PF-300-160", "name": "Plate-fin 300×160×50", "ports": "1/2 in flare", "price": 172.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 50.0, "widthMm": 300.0, "heightMm": 160.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-200-200', '{"code": "PF-200-200", "name": "Plate-fin 200×200×25", "ports": "3/8 in flare", "price": 98.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 25.0, "widthMm": 200.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-640-160', '{"code": "PF-640-160", "name": "Plate-fin 640×160×32", "ports": "1/2 in flare", "price": 226.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "widthMm": 640.0, "heightMm": 160.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-200-140', '{"code": "SP-200-140", "name": "Stacked plate 200×140×32", "ports": "3/8 in barb", "price": 98.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 200.0, "heightMm": 140.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-150', '{"code": "SP-280-150", "name": "Stacked plate 280×150×32", "ports": "3/8 in barb", "price": 132.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 150.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-190', '{"code": "SP-280-190", "name": "Stacked plate 280×190×32", "ports": "3/8 in barb", "price": 165.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 190.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-190-B', '{"code": "SP-280-190-B", "name": "Stacked plate 280×190×32, with bypass", "ports": "3/8 in barb", "price": 195.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 190.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": 75.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-250', '{"code": "SP-280-250", "name": "Stacked plate 280×250×32", "ports": "1/2 in barb", "price": 205.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 250.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-300-200', '{"code": "SP-300-200", "name": "Stacked plate 300×200×38", "ports": "1/2 in barb", "price": 196.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 300.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-300-200-B', '{"code": "SP-300-200-B", "name": "Stacked plate 300×200×38, with bypass", "ports": "1/2 in barb", "price": 226.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 300.0, "heightMm": 200.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": 75.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-330-260', '{"code": "SP-330-260", "name": "Stacked plate 330×260×38", "ports": "1/2 in barb", "price": 245.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 330.0, "heightMm": 260.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-330-260-B', '{"code": "SP-330-260-B", "name": "Stacked plate 330×260×38, with bypass", "ports": "1/2 in barb", "price": 278.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 330.0, "heightMm": 260.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": 80.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-400-260', '{"code": "SP-400-260", "name": "Stacked plate 400×260×50", "ports": "1/2 in barb", "price": 318.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 50.0, "widthMm": 400.0, "heightMm": 260.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 12.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-480-330-B', '{"code": "SP-480-330-B", "name": "Stacked plate 480×330×50, with bypass", "ports": "M22 port", "price": 436.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 50.0, "widthMm": 480.0, "heightMm": 330.0, "opensKpa": null, "portBoreMm": 16.0, "finsPerInch": 12.0, "tubePitchMm": 10.5, "bypassOpensC": 85.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-110', '{"code": "SP-280-110", "name": "Stacked plate 280×110×32", "ports": "3/8 in barb", "price": 108.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 110.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-340-150', '{"code": "SP-340-150", "name": "Stacked plate 340×150×32", "ports": "3/8 in barb", "price": 158.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 340.0, "heightMm": 150.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-340-150-B', '{"code": "SP-340-150-B", "name": "Stacked plate 340×150×32, with bypass", "ports": "3/8 in barb", "price": 186.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 340.0, "heightMm": 150.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": 75.0}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-27', '{"code": "WP-27", "name": "Pump 2.7 kg/s, pressed wheel", "price": 78.0, "kgsAt4000": 2.7}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-240-240', '{"code": "SP-240-240", "name": "Stacked plate 240×240×32", "ports": "1/2 in barb", "price": 188.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 240.0, "heightMm": 240.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-420-180', '{"code": "SP-420-180", "name": "Stacked plate 420×180×38", "ports": "1/2 in barb", "price": 232.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 420.0, "heightMm": 180.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-420-180-B', '{"code": "SP-420-180-B", "name": "Stacked plate 420×180×38, with bypass", "ports": "1/2 in barb", "price": 264.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 420.0, "heightMm": 180.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": 80.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-560-160', '{"code": "SP-560-160", "name": "Stacked plate 560×160×38", "ports": "1/2 in barb", "price": 272.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 560.0, "heightMm": 160.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-260-330', '{"code": "SP-260-330", "name": "Stacked plate 260×330×38", "ports": "1/2 in barb", "price": 262.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "widthMm": 260.0, "heightMm": 330.0, "opensKpa": null, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-40A17', '{"code": "RA-760-520-40A17", "name": "Aluminium 760×520×40, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 310.0, "tanks": "PLASTIC", "depthMm": 40.0, "widthMm": 760.0, "heightMm": 520.0, "finsPerInch": 17.0, "inTankWattsPerKelvin": 320.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-56A14', '{"code": "RA-760-520-56A14", "name": "Aluminium 760×520×56, 3 rows, plastic tanks", "metal": "ALUMINIUM", "price": 420.0, "tanks": "PLASTIC", "depthMm": 56.0, "widthMm": 760.0, "heightMm": 520.0, "finsPerInch": 14.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-64A16', '{"code": "RA-760-520-64A16", "name": "Aluminium 760×520×64, 3 rows, metal tanks", "metal": "ALUMINIUM", "price": 690.0, "tanks": "METAL", "depthMm": 64.0, "widthMm": 760.0, "heightMm": 520.0, "finsPerInch": 16.0, "inTankWattsPerKelvin": 360.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-40C14', '{"code": "RA-760-520-40C14", "name": "Copper-brass 760×520×40, 2 rows, metal tanks", "metal": "COPPER", "price": 560.0, "tanks": "METAL", "depthMm": 40.0, "widthMm": 760.0, "heightMm": 520.0, "finsPerInch": 14.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-60C12', '{"code": "RA-760-520-60C12", "name": "Copper-brass 760×520×60, 3 rows, metal tanks", "metal": "COPPER", "price": 720.0, "tanks": "METAL", "depthMm": 60.0, "widthMm": 760.0, "heightMm": 520.0, "finsPerInch": 12.0, "inTankWattsPerKelvin": 320.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-540-32A18', '{"code": "RA-760-540-32A18", "name": "Aluminium 760×540×32, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 280.0, "tanks": "PLASTIC", "depthMm": 32.0, "widthMm": 760.0, "heightMm": 540.0, "finsPerInch": 18.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-40AN17', '{"code": "RA-760-520-40AN17", "name": "Aluminium 760×520×40, 2 rows, metal tanks, no oil ports", "metal": "ALUMINIUM", "price": 540.0, "tanks": "METAL", "depthMm": 40.0, "widthMm": 760.0, "heightMm": 520.0, "finsPerInch": 17.0, "inTankWattsPerKelvin": null}');
INSERT INTO public.part VALUES ('radiators', 'RA-740-480-32A16', '{"code": "RA-740-480-32A16", "name": "Aluminium 740×480×32, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 270.0, "tanks": "PLASTIC", "depthMm": 32.0, "widthMm": 740.0, "heightMm": 480.0, "finsPerInch": 16.0, "inTankWattsPerKelvin": 320.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-740-480-48A15', '{"code": "RA-740-480-48A15", "name": "Aluminium 740×480×48, 2 rows, metal tanks", "metal": "ALUMINIUM", "price": 520.0, "tanks": "METAL", "depthMm": 48.0, "widthMm": 740.0, "heightMm": 480.0, "finsPerInch": 15.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-740-500-40C14', '{"code": "RA-740-500-40C14", "name": "Copper-brass 740×500×40, 2 rows, metal tanks", "metal": "COPPER", "price": 540.0, "tanks": "METAL", "depthMm": 40.0, "widthMm": 740.0, "heightMm": 500.0, "finsPerInch": 14.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-560-44C14', '{"code": "RA-800-560-44C14", "name": "Copper-brass 800×560×44, 2 rows, metal tanks", "metal": "COPPER", "price": 690.0, "tanks": "METAL", "depthMm": 44.0, "widthMm": 800.0, "heightMm": 560.0, "finsPerInch": 14.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-560-48A15', '{"code": "RA-800-560-48A15", "name": "Aluminium 800×560×48, 2 rows, metal tanks", "metal": "ALUMINIUM", "price": 640.0, "tanks": "METAL", "depthMm": 48.0, "widthMm": 800.0, "heightMm": 560.0, "finsPerInch": 15.0, "inTankWattsPerKelvin": 360.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-560-64AN13', '{"code": "RA-800-560-64AN13", "name": "Aluminium 800×560×64, 3 rows, metal tanks, no oil ports", "metal": "ALUMINIUM", "price": 760.0, "tanks": "METAL", "depthMm": 64.0, "widthMm": 800.0, "heightMm": 560.0, "finsPerInch": 13.0, "inTankWattsPerKelvin": null}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-580-40A17', '{"code": "RA-800-580-40A17", "name": "Aluminium 800×580×40, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 420.0, "tanks": "PLASTIC", "depthMm": 40.0, "widthMm": 800.0, "heightMm": 580.0, "finsPerInch": 17.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-560-40A13', '{"code": "RA-760-560-40A13", "name": "Aluminium 760×560×40, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 360.0, "tanks": "PLASTIC", "depthMm": 40.0, "widthMm": 760.0, "heightMm": 560.0, "finsPerInch": 13.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-560-56A15', '{"code": "RA-760-560-56A15", "name": "Aluminium 760×560×56, 3 rows, metal tanks", "metal": "ALUMINIUM", "price": 610.0, "tanks": "METAL", "depthMm": 56.0, "widthMm": 760.0, "heightMm": 560.0, "finsPerInch": 15.0, "inTankWattsPerKelvin": 360.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-780-580-48A16', '{"code": "RA-780-580-48A16", "name": "Aluminium 780×580×48, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 470.0, "tanks": "PLASTIC", "depthMm": 48.0, "widthMm": 780.0, "heightMm": 580.0, "finsPerInch": 16.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-820-600-48A14', '{"code": "RA-820-600-48A14", "name": "Aluminium 820×600×48, 2 rows, plastic tanks", "metal": "ALUMINIUM", "price": 480.0, "tanks": "PLASTIC", "depthMm": 48.0, "widthMm": 820.0, "heightMm": 600.0, "finsPerInch": 14.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-820-600-64AN15', '{"code": "RA-820-600-64AN15", "name": "Aluminium 820×600×64, 3 rows, metal tanks, no oil ports", "metal": "ALUMINIUM", "price": 820.0, "tanks": "METAL", "depthMm": 64.0, "widthMm": 820.0, "heightMm": 600.0, "finsPerInch": 15.0, "inTankWattsPerKelvin": null}');
INSERT INTO public.part VALUES ('fans', 'EF-300', '{"amps": 11.0, "code": "EF-300", "kind": "ELECTRIC", "name": "Electric 300, slim", "count": 1, "price": 85.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": null, "diameterMm": 300.0, "gripsFromC": null, "freeFlowM3s": 0.62, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-355', '{"amps": 17.0, "code": "EF-355", "kind": "ELECTRIC", "name": "Electric 355, slim", "count": 1, "price": 110.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": null, "diameterMm": 355.0, "gripsFromC": null, "freeFlowM3s": 0.95, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-405', '{"amps": 30.0, "code": "EF-405", "kind": "ELECTRIC", "name": "Electric 405, medium", "count": 1, "price": 150.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 320.0, "diameterMm": 405.0, "gripsFromC": null, "freeFlowM3s": 1.35, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-405-H', '{"amps": 45.0, "code": "EF-405-H", "kind": "ELECTRIC", "name": "Electric 405, high pressure", "count": 1, "price": 210.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 420.0, "diameterMm": 405.0, "gripsFromC": null, "freeFlowM3s": 1.6, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-480', '{"amps": 52.0, "code": "EF-480", "kind": "ELECTRIC", "name": "Electric 480, full shroud", "count": 1, "price": 290.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 380.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.2, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-480-H', '{"amps": 82.0, "code": "EF-480-H", "kind": "ELECTRIC", "name": "Electric 480, high output, full shroud", "count": 1, "price": 380.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 540.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.9, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EP-305', '{"amps": 37.0, "code": "EP-305", "kind": "ELECTRIC", "name": "Electric pair 2×305, full shroud", "count": 2, "price": 260.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 330.0, "diameterMm": 305.0, "gripsFromC": null, "freeFlowM3s": 1.6, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EP-330', '{"amps": 56.0, "code": "EP-330", "kind": "ELECTRIC", "name": "Electric pair 2×330, full shroud", "count": 2, "price": 330.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 400.0, "diameterMm": 330.0, "gripsFromC": null, "freeFlowM3s": 2.1, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EP-355-H', '{"amps": 80.0, "code": "EP-355-H", "kind": "ELECTRIC", "name": "Electric pair 2×355, high output", "count": 2, "price": 440.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 540.0, "diameterMm": 355.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EP-380-H', '{"amps": 104.0, "code": "EP-380-H", "kind": "ELECTRIC", "name": "Electric pair 2×380, high output, measured curve", "count": 2, "price": 560.0, "volts": 13.5, "curvePa": [600.0, 521.0, 283.0, 0.0], "curveM3s": [0.0, 1.2, 2.4, 3.3], "shutoffPa": null, "diameterMm": 380.0, "gripsFromC": null, "freeFlowM3s": 3.3, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'BF-480', '{"amps": null, "code": "BF-480", "kind": "BELT", "name": "Solid belt fan 480", "count": 1, "price": 120.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 460.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.6, "gripsFullyC": null, "pulleyRatio": 1.1, "referenceKw": 5.6, "referenceRpm": 2600.0, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'VF-480', '{"amps": null, "code": "VF-480", "kind": "VISCOUS", "name": "Viscous 480, standard", "count": 1, "price": 210.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 480.0, "diameterMm": 480.0, "gripsFromC": 62.0, "freeFlowM3s": 2.8, "gripsFullyC": 86.0, "pulleyRatio": 1.15, "referenceKw": 4.6, "referenceRpm": 2600.0, "clutchLimitRpm": 2600.0}');
INSERT INTO public.part VALUES ('fans', 'VF-500', '{"amps": null, "code": "VF-500", "kind": "VISCOUS", "name": "Viscous 500, heavy duty", "count": 1, "price": 265.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 560.0, "diameterMm": 500.0, "gripsFromC": 58.0, "freeFlowM3s": 3.2, "gripsFullyC": 80.0, "pulleyRatio": 1.2, "referenceKw": 6.4, "referenceRpm": 2800.0, "clutchLimitRpm": 2800.0}');
INSERT INTO public.part VALUES ('fans', 'VF-560', '{"amps": null, "code": "VF-560", "kind": "VISCOUS", "name": "Viscous 560, heavy duty", "count": 1, "price": 330.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 600.0, "diameterMm": 560.0, "gripsFromC": 58.0, "freeFlowM3s": 3.9, "gripsFullyC": 80.0, "pulleyRatio": 1.1, "referenceKw": 7.0, "referenceRpm": 2600.0, "clutchLimitRpm": 2600.0}');
INSERT INTO public.part VALUES ('fans', 'VF-600', '{"amps": null, "code": "VF-600", "kind": "VISCOUS", "name": "Viscous 600, severe", "count": 1, "price": 390.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 620.0, "diameterMm": 600.0, "gripsFromC": 56.0, "freeFlowM3s": 4.4, "gripsFullyC": 78.0, "pulleyRatio": 1.1, "referenceKw": 8.5, "referenceRpm": 2600.0, "clutchLimitRpm": 2600.0}');
INSERT INTO public.part VALUES ('fans', 'CF-500', '{"amps": null, "code": "CF-500", "kind": "CONTROLLED", "name": "Controlled clutch 500", "count": 1, "price": 520.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 570.0, "diameterMm": 500.0, "gripsFromC": 96.0, "freeFlowM3s": 3.3, "gripsFullyC": 104.0, "pulleyRatio": 1.2, "referenceKw": 6.6, "referenceRpm": 2800.0, "clutchLimitRpm": 2800.0}');
INSERT INTO public.part VALUES ('fans', 'CF-560', '{"amps": null, "code": "CF-560", "kind": "CONTROLLED", "name": "Controlled clutch 560", "count": 1, "price": 590.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 600.0, "diameterMm": 560.0, "gripsFromC": 96.0, "freeFlowM3s": 4.0, "gripsFullyC": 104.0, "pulleyRatio": 1.1, "referenceKw": 7.2, "referenceRpm": 2600.0, "clutchLimitRpm": 2600.0}');
INSERT INTO public.part VALUES ('fans', 'CF-600', '{"amps": null, "code": "CF-600", "kind": "CONTROLLED", "name": "Controlled clutch 600", "count": 1, "price": 640.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 630.0, "diameterMm": 600.0, "gripsFromC": 96.0, "freeFlowM3s": 4.5, "gripsFullyC": 104.0, "pulleyRatio": 1.1, "referenceKw": 8.8, "referenceRpm": 2600.0, "clutchLimitRpm": 2600.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-71', '{"code": "TH-71", "name": "Thermostat 71 to 80 °C", "fullC": 80.0, "price": 24.0, "startC": 71.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-77', '{"code": "TH-77", "name": "Thermostat 77 to 86 °C", "fullC": 86.0, "price": 24.0, "startC": 77.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-82', '{"code": "TH-82", "name": "Thermostat 82 to 91 °C", "fullC": 91.0, "price": 22.0, "startC": 82.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-85', '{"code": "TH-85", "name": "Thermostat 85 to 94 °C", "fullC": 94.0, "price": 26.0, "startC": 85.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-88', '{"code": "TH-88", "name": "Thermostat 88 to 97 °C", "fullC": 97.0, "price": 22.0, "startC": 88.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-90', '{"code": "TH-90", "name": "Thermostat 90 to 99 °C", "fullC": 99.0, "price": 22.0, "startC": 90.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-92', '{"code": "TH-92", "name": "Thermostat 92 to 102 °C", "fullC": 102.0, "price": 28.0, "startC": 92.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-95', '{"code": "TH-95", "name": "Thermostat 95 to 105 °C", "fullC": 105.0, "price": 30.0, "startC": 95.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-50', '{"code": "CAP-50", "name": "Cap 50 kPa", "price": 12.0, "capKpa": 50.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-70', '{"code": "CAP-70", "name": "Cap 70 kPa", "price": 12.0, "capKpa": 70.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-90', '{"code": "CAP-90", "name": "Cap 90 kPa", "price": 12.0, "capKpa": 90.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-100', '{"code": "CAP-100", "name": "Cap 100 kPa", "price": 14.0, "capKpa": 100.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-110', '{"code": "CAP-110", "name": "Cap 110 kPa", "price": 14.0, "capKpa": 110.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-124', '{"code": "CAP-124", "name": "Cap 124 kPa", "price": 16.0, "capKpa": 124.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-138', '{"code": "CAP-138", "name": "Cap 138 kPa", "price": 18.0, "capKpa": 138.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-145', '{"code": "CAP-145", "name": "Cap 145 kPa", "price": 20.0, "capKpa": 145.0}');
INSERT INTO public.part VALUES ('controllers', 'SW-92', '{"amps": 20.0, "code": "SW-92", "kind": "FIXED_SWITCH", "name": "Fixed switch 92 on, 87 off", "onToC": 92.0, "price": 28.0, "onFromC": 92.0, "hysteresisK": 5.0}');
INSERT INTO public.part VALUES ('controllers', 'SW-97', '{"amps": 20.0, "code": "SW-97", "kind": "FIXED_SWITCH", "name": "Fixed switch 97 on, 92 off", "onToC": 97.0, "price": 28.0, "onFromC": 97.0, "hysteresisK": 5.0}');
INSERT INTO public.part VALUES ('controllers', 'SW-102', '{"amps": 20.0, "code": "SW-102", "kind": "FIXED_SWITCH", "name": "Fixed switch 102 on, 97 off", "onToC": 102.0, "price": 30.0, "onFromC": 102.0, "hysteresisK": 5.0}');
INSERT INTO public.part VALUES ('controllers', 'AC-40', '{"amps": 40.0, "code": "AC-40", "kind": "ADJUSTABLE", "name": "Adjustable, probe, 40 A", "onToC": 110.0, "price": 68.0, "onFromC": 70.0, "hysteresisK": 4.0}');
INSERT INTO public.part VALUES ('controllers', 'AC-70', '{"amps": 70.0, "code": "AC-70", "kind": "ADJUSTABLE", "name": "Adjustable, screw-in sensor, 70 A", "onToC": 115.0, "price": 96.0, "onFromC": 75.0, "hysteresisK": 5.0}');
INSERT INTO public.part VALUES ('controllers', 'TS-60', '{"amps": 60.0, "code": "TS-60", "kind": "TWO_SPEED", "name": "Two-speed, 2 relays, 60 A", "onToC": 110.0, "price": 120.0, "onFromC": 80.0, "hysteresisK": 4.0}');
INSERT INTO public.part VALUES ('controllers', 'TS-80', '{"amps": 80.0, "code": "TS-80", "kind": "TWO_SPEED", "name": "Two-speed with air-conditioning input, 80 A", "onToC": 112.0, "price": 148.0, "onFromC": 80.0, "hysteresisK": 4.0}');
INSERT INTO public.part VALUES ('controllers', 'DC-60', '{"amps": 60.0, "code": "DC-60", "kind": "DUTY", "name": "Duty controller, soft start, 60 A", "onToC": 115.0, "price": 190.0, "onFromC": 75.0, "hysteresisK": 3.0}');
INSERT INTO public.part VALUES ('controllers', 'DC-80', '{"amps": 80.0, "code": "DC-80", "kind": "DUTY", "name": "Duty controller, oil sensor input, 80 A", "onToC": 120.0, "price": 240.0, "onFromC": 70.0, "hysteresisK": 3.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-560-300-57', '{"code": "CA-560-300-57", "name": "Charge-air 560×300×57", "price": 260.0, "depthMm": 57.0, "widthMm": 560.0, "heightMm": 300.0, "portBoreMm": 57.0, "finsPerInch": 12.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-600-300-76', '{"code": "CA-600-300-76", "name": "Charge-air 600×300×76", "price": 340.0, "depthMm": 76.0, "widthMm": 600.0, "heightMm": 300.0, "portBoreMm": 63.0, "finsPerInch": 12.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-620-420-50', '{"code": "CA-620-420-50", "name": "Charge-air 620×420×50", "price": 380.0, "depthMm": 50.0, "widthMm": 620.0, "heightMm": 420.0, "portBoreMm": 63.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-700-320-64', '{"code": "CA-700-320-64", "name": "Charge-air 700×320×64", "price": 390.0, "depthMm": 64.0, "widthMm": 700.0, "heightMm": 320.0, "portBoreMm": 63.0, "finsPerInch": 12.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-720-400-57', '{"code": "CA-720-400-57", "name": "Charge-air 720×400×57", "price": 430.0, "depthMm": 57.0, "widthMm": 720.0, "heightMm": 400.0, "portBoreMm": 70.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-760-420-64', '{"code": "CA-760-420-64", "name": "Charge-air 760×420×64", "price": 480.0, "depthMm": 64.0, "widthMm": 760.0, "heightMm": 420.0, "portBoreMm": 70.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-820-420-50', '{"code": "CA-820-420-50", "name": "Charge-air 820×420×50", "price": 510.0, "depthMm": 50.0, "widthMm": 820.0, "heightMm": 420.0, "portBoreMm": 76.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-820-460-64', '{"code": "CA-820-460-64", "name": "Charge-air 820×460×64", "price": 590.0, "depthMm": 64.0, "widthMm": 820.0, "heightMm": 460.0, "portBoreMm": 76.0, "finsPerInch": 10.0}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-24', '{"code": "WP-24", "name": "Pump 2.4 kg/s, pressed wheel", "price": 70.0, "kgsAt4000": 2.4}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-30', '{"code": "WP-30", "name": "Pump 3.0 kg/s, pressed wheel", "price": 84.0, "kgsAt4000": 3.0}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-30-C', '{"code": "WP-30-C", "name": "Pump 3.0 kg/s, cast wheel", "price": 112.0, "kgsAt4000": 3.0}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-34-C', '{"code": "WP-34-C", "name": "Pump 3.4 kg/s, cast wheel", "price": 128.0, "kgsAt4000": 3.4}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-38-C', '{"code": "WP-38-C", "name": "Pump 3.8 kg/s, cast wheel", "price": 146.0, "kgsAt4000": 3.8}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-42-C', '{"code": "WP-42-C", "name": "Pump 4.2 kg/s, cast wheel", "price": 165.0, "kgsAt4000": 4.2}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-50-C', '{"code": "WP-50-C", "name": "Pump 5.0 kg/s, cast wheel", "price": 210.0, "kgsAt4000": 5.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CL-55', '{"code": "CL-55", "kind": "VISCOUS", "name": "Viscous, early", "price": 95.0, "gripsFromC": 55.0, "gripsFullyC": 78.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CL-60', '{"code": "CL-60", "kind": "VISCOUS", "name": "Viscous, standard", "price": 90.0, "gripsFromC": 60.0, "gripsFullyC": 85.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CL-62', '{"code": "CL-62", "kind": "VISCOUS", "name": "Viscous, heavy duty", "price": 130.0, "gripsFromC": 62.0, "gripsFullyC": 86.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CL-66', '{"code": "CL-66", "kind": "VISCOUS", "name": "Viscous, late", "price": 88.0, "gripsFromC": 66.0, "gripsFullyC": 92.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CL-70', '{"code": "CL-70", "kind": "VISCOUS", "name": "Viscous, quiet", "price": 92.0, "gripsFromC": 70.0, "gripsFullyC": 98.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CC-92', '{"code": "CC-92", "kind": "CONTROLLED", "name": "Controlled, towing", "price": 240.0, "gripsFromC": 92.0, "gripsFullyC": 102.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CC-95', '{"code": "CC-95", "kind": "CONTROLLED", "name": "Controlled, standard", "price": 230.0, "gripsFromC": 95.0, "gripsFullyC": 105.0}');
INSERT INTO public.part VALUES ('fan-clutches', 'CC-98', '{"code": "CC-98", "kind": "CONTROLLED", "name": "Controlled, quiet", "price": 225.0, "gripsFromC": 98.0, "gripsFullyC": 108.0}');
INSERT INTO public.part VALUES ('filters', 'IF-8', '{"code": "IF-8", "name": "In-line filter, 5/16 in", "ports": "5/16 in barb", "price": 18.0, "dropKpa": 9.0, "mostKpa": 700.0, "portBoreMm": 8.0}');
INSERT INTO public.part VALUES ('filters', 'IF-9', '{"code": "IF-9", "name": "In-line filter, 3/8 in", "ports": "3/8 in barb", "price": 19.0, "dropKpa": 7.0, "mostKpa": 700.0, "portBoreMm": 9.5}');
INSERT INTO public.part VALUES ('filters', 'IF-12', '{"code": "IF-12", "name": "In-line filter, 1/2 in", "ports": "1/2 in barb", "price": 24.0, "dropKpa": 4.0, "mostKpa": 700.0, "portBoreMm": 12.7}');
INSERT INTO public.part VALUES ('filters', 'IF-9-M', '{"code": "IF-9-M", "name": "In-line filter with magnet, 3/8 in", "ports": "3/8 in barb", "price": 32.0, "dropKpa": 8.0, "mostKpa": 700.0, "portBoreMm": 9.5}');
INSERT INTO public.part VALUES ('filters', 'SF-9', '{"code": "SF-9", "name": "Spin-on head, 3/8 in", "ports": "3/8 in pipe thread", "price": 58.0, "dropKpa": 5.0, "mostKpa": 1400.0, "portBoreMm": 9.5}');
INSERT INTO public.part VALUES ('filters', 'SF-12', '{"code": "SF-12", "name": "Spin-on head, 1/2 in", "ports": "1/2 in pipe thread", "price": 64.0, "dropKpa": 3.0, "mostKpa": 1400.0, "portBoreMm": 12.7}');
INSERT INTO public.part VALUES ('filters', 'SF-12-M', '{"code": "SF-12-M", "name": "Spin-on head with magnet, 1/2 in", "ports": "1/2 in pipe thread", "price": 82.0, "dropKpa": 3.5, "mostKpa": 1400.0, "portBoreMm": 12.7}');
INSERT INTO public.part VALUES ('filters', 'SF-16', '{"code": "SF-16", "name": "Spin-on head, 5/8 in", "ports": "flare thread", "price": 90.0, "dropKpa": 2.0, "mostKpa": 1700.0, "portBoreMm": 16.0}');
INSERT INTO public.part VALUES ('adapters', 'AD-8-8', '{"to": "5/16 in tube", "code": "AD-8-8", "from": "5/16 in barb", "loss": 1.0, "name": "5/16 in barb to 5/16 in tube", "price": 4.0, "boreMm": 7.0}');
INSERT INTO public.part VALUES ('adapters', 'AD-9-9', '{"to": "3/8 in tube", "code": "AD-9-9", "from": "3/8 in barb", "loss": 1.0, "name": "3/8 in barb to 3/8 in tube", "price": 4.0, "boreMm": 8.5}');
INSERT INTO public.part VALUES ('adapters', 'AD-9-P', '{"to": "1/4 in pipe thread", "code": "AD-9-P", "from": "3/8 in barb", "loss": 1.2, "name": "3/8 in barb to 1/4 in pipe thread", "price": 5.0, "boreMm": 8.5}');
INSERT INTO public.part VALUES ('adapters', 'AD-9-Q', '{"to": "quick connector", "code": "AD-9-Q", "from": "3/8 in barb", "loss": 1.5, "name": "3/8 in barb to quick connector", "price": 14.0, "boreMm": 8.0}');
INSERT INTO public.part VALUES ('adapters', 'AD-12-12', '{"to": "1/2 in tube", "code": "AD-12-12", "from": "1/2 in barb", "loss": 1.0, "name": "1/2 in barb to 1/2 in tube", "price": 6.0, "boreMm": 11.5}');
INSERT INTO public.part VALUES ('adapters', 'AD-12-P', '{"to": "3/8 in pipe thread", "code": "AD-12-P", "from": "1/2 in barb", "loss": 1.2, "name": "1/2 in barb to 3/8 in pipe thread", "price": 7.0, "boreMm": 11.0}');
INSERT INTO public.part VALUES ('adapters', 'AD-12-9', '{"to": "3/8 in barb", "code": "AD-12-9", "from": "1/2 in barb", "loss": 1.6, "name": "1/2 in barb to 3/8 in barb", "price": 6.0, "boreMm": 8.5}');
INSERT INTO public.part VALUES ('adapters', 'AD-F-12', '{"to": "1/2 in barb", "code": "AD-F-12", "from": "flare thread", "loss": 1.2, "name": "flare thread to 1/2 in barb", "price": 9.0, "boreMm": 11.0}');
INSERT INTO public.part VALUES ('sensors', 'SE-C-12', '{"toC": 140.0, "code": "SE-C-12", "name": "Coolant sender, 12 mm", "fromC": -40.0, "price": 16.0, "thread": "M12×1.5", "measures": "COOLANT"}');
INSERT INTO public.part VALUES ('sensors', 'SE-C-14', '{"toC": 140.0, "code": "SE-C-14", "name": "Coolant sender, 14 mm", "fromC": -40.0, "price": 17.0, "thread": "M14×1.5", "measures": "COOLANT"}');
INSERT INTO public.part VALUES ('sensors', 'SE-C-P', '{"toC": 150.0, "code": "SE-C-P", "name": "Coolant sender, tapered", "fromC": -40.0, "price": 18.0, "thread": "3/8 in pipe thread", "measures": "COOLANT"}');
INSERT INTO public.part VALUES ('sensors', 'SE-O-P', '{"toC": 170.0, "code": "SE-O-P", "name": "Oil sender, tapered", "fromC": -40.0, "price": 19.0, "thread": "1/8 in pipe thread", "measures": "OIL"}');
INSERT INTO public.part VALUES ('sensors', 'SE-O-12', '{"toC": 170.0, "code": "SE-O-12", "name": "Oil sender, 12 mm", "fromC": -40.0, "price": 19.0, "thread": "M12×1.5", "measures": "OIL"}');
INSERT INTO public.part VALUES ('sensors', 'SE-O-T', '{"toC": 180.0, "code": "SE-O-T", "name": "Oil probe in a line tee", "fromC": -40.0, "price": 34.0, "thread": "line tee", "measures": "OIL"}');
INSERT INTO public.part VALUES ('sensors', 'SE-A', '{"toC": 120.0, "code": "SE-A", "name": "Air probe", "fromC": -40.0, "price": 9.0, "thread": "clip", "measures": "AIR"}');
INSERT INTO public.part VALUES ('sensors', 'SE-P-10', '{"toC": null, "code": "SE-P-10", "name": "Pressure sender to 10 bar", "fromC": null, "price": 38.0, "thread": "1/8 in pipe thread", "measures": "PRESSURE"}');
INSERT INTO public.part VALUES ('breakers', 'FU-15', '{"amps": 15.0, "code": "FU-15", "kind": "FUSE", "name": "Blade fuse 15 A", "price": 1.0, "volts": 32.0}');
INSERT INTO public.part VALUES ('breakers', 'FU-20', '{"amps": 20.0, "code": "FU-20", "kind": "FUSE", "name": "Blade fuse 20 A", "price": 1.0, "volts": 32.0}');
INSERT INTO public.part VALUES ('breakers', 'FU-30', '{"amps": 30.0, "code": "FU-30", "kind": "FUSE", "name": "Blade fuse 30 A", "price": 1.0, "volts": 32.0}');
INSERT INTO public.part VALUES ('breakers', 'FU-40', '{"amps": 40.0, "code": "FU-40", "kind": "FUSE", "name": "Large fuse 40 A", "price": 3.0, "volts": 32.0}');
INSERT INTO public.part VALUES ('breakers', 'BR-30', '{"amps": 30.0, "code": "BR-30", "kind": "BREAKER", "name": "Breaker 30 A", "price": 14.0, "volts": 24.0}');
INSERT INTO public.part VALUES ('breakers', 'BR-50', '{"amps": 50.0, "code": "BR-50", "kind": "BREAKER", "name": "Breaker 50 A", "price": 18.0, "volts": 24.0}');
INSERT INTO public.part VALUES ('breakers', 'RE-40', '{"amps": 40.0, "code": "RE-40", "kind": "RELAY", "name": "Relay 40 A", "price": 8.0, "volts": 13.5}');
INSERT INTO public.part VALUES ('breakers', 'RE-70', '{"amps": 70.0, "code": "RE-70", "kind": "RELAY", "name": "Relay 70 A", "price": 14.0, "volts": 13.5}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HS-250-40', '{"code": "HS-250-40", "name": "Steering loop 250", "ports": "3/8 in tube", "price": 28.0, "circuit": "STEERING", "depthMm": 20.0, "widthMm": 250.0, "heightMm": 40.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HS-300-60', '{"code": "HS-300-60", "name": "Steering loop 300", "ports": "3/8 in tube", "price": 34.0, "circuit": "STEERING", "depthMm": 20.0, "widthMm": 300.0, "heightMm": 60.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HS-280-100', '{"code": "HS-280-100", "name": "Steering, tube and fin", "ports": "3/8 in barb", "price": 46.0, "circuit": "STEERING", "depthMm": 19.0, "widthMm": 280.0, "heightMm": 100.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HS-280-130', '{"code": "HS-280-130", "name": "Steering, stacked plate", "ports": "3/8 in barb", "price": 88.0, "circuit": "STEERING", "depthMm": 32.0, "widthMm": 280.0, "heightMm": 130.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HW-330-200', '{"code": "HW-330-200", "name": "Working oil, plate 330", "ports": "1/2 in barb", "price": 150.0, "circuit": "WORKING", "depthMm": 50.0, "widthMm": 330.0, "heightMm": 200.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HW-400-300', '{"code": "HW-400-300", "name": "Working oil, plate 400", "ports": "5/8 in barb", "price": 240.0, "circuit": "WORKING", "depthMm": 50.0, "widthMm": 400.0, "heightMm": 300.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HW-500-400', '{"code": "HW-500-400", "name": "Working oil, plate 500", "ports": "3/4 in pipe thread", "price": 360.0, "circuit": "WORKING", "depthMm": 63.0, "widthMm": 500.0, "heightMm": 400.0}');
INSERT INTO public.part VALUES ('hydraulic-coolers', 'HW-600-500', '{"code": "HW-600-500", "name": "Working oil, plate 600", "ports": "3/4 in pipe thread", "price": 480.0, "circuit": "WORKING", "depthMm": 63.0, "widthMm": 600.0, "heightMm": 500.0}');


--
-- Data for Name: scheduled_tasks; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Name: flyway_schema_history flyway_schema_history_pk; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);


--
-- Name: job job_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.job
    ADD CONSTRAINT job_pkey PRIMARY KEY (id);


--
-- Name: job_section job_section_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.job_section
    ADD CONSTRAINT job_section_pkey PRIMARY KEY (job_id, name);


--
-- Name: long_run_part long_run_part_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.long_run_part
    ADD CONSTRAINT long_run_part_pkey PRIMARY KEY (run_id, number);


--
-- Name: long_run long_run_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.long_run
    ADD CONSTRAINT long_run_pkey PRIMARY KEY (id);


--
-- Name: part part_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.part
    ADD CONSTRAINT part_pkey PRIMARY KEY (shelf, code);


--
-- Name: scheduled_tasks scheduled_tasks_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.scheduled_tasks
    ADD CONSTRAINT scheduled_tasks_pkey PRIMARY KEY (task_name, task_instance);


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
-- Name: job_section job_section_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.job_section
    ADD CONSTRAINT job_section_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: long_run_part long_run_part_run_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.long_run_part
    ADD CONSTRAINT long_run_part_run_id_fkey FOREIGN KEY (run_id) REFERENCES public.long_run(id) ON DELETE CASCADE;


--
-- PostgreSQL database dump complete
--


