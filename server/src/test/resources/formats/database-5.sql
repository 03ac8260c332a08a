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
-- Name: yard; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.yard (
    id integer NOT NULL,
    version bigint NOT NULL,
    name text NOT NULL,
    currency text NOT NULL,
    fault_weights jsonb,
    CONSTRAINT yard_id_check CHECK ((id = 1))
);


--
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'jobs', 'SQL', 'V1__jobs.sql', 1070818286, 'roadbreeze', '2026-11-27 08:34:03.247258', 74, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'Sections', 'JDBC', 'roadbreeze.server.job.format.V2__Sections', NULL, 'roadbreeze', '2026-11-27 08:34:03.473337', 78, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'BuildsOwnMore', 'JDBC', 'roadbreeze.server.job.format.V3__BuildsOwnMore', NULL, 'roadbreeze', '2026-11-27 08:34:03.577617', 5, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'yard', 'SQL', 'V4__yard.sql', -629388019, 'roadbreeze', '2026-11-27 08:34:03.590922', 6, true);
INSERT INTO public.flyway_schema_history VALUES (5, '5', 'TraversesNameFans', 'JDBC', 'roadbreeze.server.job.format.V5__TraversesNameFans', NULL, 'roadbreeze', '2026-11-27 08:34:03.608364', 3, true);
INSERT INTO public.flyway_schema_history VALUES (6, '6', 'HaulsAreRoads', 'JDBC', 'roadbreeze.server.job.format.V6__HaulsAreRoads', NULL, 'roadbreeze', '2026-11-27 08:34:03.619575', 2, true);
INSERT INTO public.flyway_schema_history VALUES (7, '7', 'fault weights', 'SQL', 'V7__fault_weights.sql', 1071485874, 'roadbreeze', '2026-11-27 08:34:03.628191', 2, true);


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 5);
INSERT INTO public.job VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 5);


--
-- Data for Name: job_section; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'about', 0, 0, '2026-11-27 08:34:15.893046+00', '{"name": "Hive utility", "order": null, "notices": [], "archived": null, "complaint": "Runs hot on Long Tallow with a full load of hives; the fan sounds weak."}');
INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'rig', 0, 0, '2026-11-27 08:34:15.893046+00', '{"marks": {"trailer.massKg": "MEASURED", "vehicle.cooling.radiator.depthMm": "MEASURED", "vehicle.cooling.radiator.widthMm": "MEASURED", "vehicle.cooling.radiator.heightMm": "MEASURED"}, "ratings": null, "trailer": {"name": "hive trailer", "massKg": 3100.0}, "vehicle": {"kind": "PETROL_UTILITY", "name": "bee-keeper''s flat-bed utility", "engine": {"kind": "PETROL", "idleRpm": null, "torqueNm": [390.0, 490.0, 530.0, 545.0, 525.0, 465.0], "torqueRpm": [1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0], "boostRatio": null, "accessoryKw": 1.5, "condenserKw": 7.0, "airConditioningKw": 3.5, "displacementLitres": 5.6}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "warningC": 115.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 2800.0, "cooling": {"capKpa": 100.0, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 520.0, "finsPerInch": 17.0}, "tipGapMm": 12.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 30.0, "depthMm": 16.0, "widthMm": 700.0, "bottomMm": 40.0, "heightMm": 440.0, "finsPerInch": 18.0}, "coreGapMm": 12.0, "fanToCoreMm": 30.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": false, "openingDepthMm": 120.0, "openingWidthMm": 800.0, "ramCoefficient": 0.55, "chargeAirCooler": null, "openingHeightMm": 560.0}, "gearbox": {"bypass": null, "oilKv40": 34.0, "oilKv100": 7.3, "stallRpm": 2300.0, "axleRatio": 3.73, "gearRatios": [3.9, 2.3, 1.5, 1.14, 0.86, 0.68], "highestRpm": 5000.0, "luggingRpm": 1300.0, "oilFlowLpm": 10.0, "spinLossKw": 1.0, "tyreRadiusM": 0.39, "lockAboveKmh": 50.4, "lockFromGear": 3, "stallTorqueNm": 490.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 2.0, "caseWattsPerKelvin": 20.0, "inTankWattsPerKelvin": 320.0}, "dragAreaM2": 3.6, "rollingCoefficient": 0.01}, "obstacles": [{"id": "obstacle-1", "name": "latch brace", "leftMm": 370.0, "movable": false, "widthMm": 34.0, "bottomMm": -20.0, "heightMm": 560.0, "takesAir": false}, {"id": "obstacle-2", "name": "horn", "leftMm": 640.0, "movable": true, "widthMm": 90.0, "bottomMm": 430.0, "heightMm": 90.0, "takesAir": false}], "traverses": [], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'haul', 0, 0, '2026-11-27 08:34:15.893046+00', '{"road": "Long Tallow", "heater": null, "journey": {"name": "Long Tallow", "start": {"oilC": 75.0, "engineC": 88.0, "outletTankC": 75.0}, "points": [{"id": "p1", "stop": null, "place": "Harrowmere yard", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 0.0, "elevationM": 600.0, "headwindKmh": 0.0}, {"id": "p2", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 1.2, "elevationM": 602.0, "headwindKmh": 0.0}, {"id": "p3", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 3.5, "elevationM": 596.0, "headwindKmh": 0.0}, {"id": "p4", "stop": null, "place": "Foot of the Tallow", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 6.0, "elevationM": 604.0, "headwindKmh": 0.0}, {"id": "p5", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 7.0, "elevationM": 656.0, "headwindKmh": 0.0}, {"id": "p6", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 8.0, "elevationM": 715.0, "headwindKmh": 0.0}, {"id": "p7", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 9.5, "elevationM": 805.0, "headwindKmh": 0.0}, {"id": "p8", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 11.0, "elevationM": 886.0, "headwindKmh": 0.0}, {"id": "p9", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 12.2, "elevationM": 959.2, "headwindKmh": 0.0}, {"id": "p10", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 55.0, "distanceKm": 13.0, "elevationM": 999.2, "headwindKmh": 0.0}, {"id": "p11", "stop": null, "place": "Long bend", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 13.4, "elevationM": 1011.2, "headwindKmh": 0.0}, {"id": "p12", "stop": null, "place": "Lay-by", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 14.2, "elevationM": 1056.0, "headwindKmh": 0.0}, {"id": "p13", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 15.5, "elevationM": 1134.0, "headwindKmh": 0.0}, {"id": "p14", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 16.8, "elevationM": 1209.4, "headwindKmh": 0.0}, {"id": "p15", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 18.0, "elevationM": 1273.0, "headwindKmh": 0.0}, {"id": "p16", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 19.2, "elevationM": 1343.8, "headwindKmh": 0.0}, {"id": "p17", "stop": {"engine": "IDLE", "minutes": 5.0, "fansDead": false}, "place": "Tallow Top", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 20.0, "elevationM": 1379.0, "headwindKmh": 0.0}, {"id": "p18", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 22.0, "elevationM": 1294.0, "headwindKmh": 0.0}, {"id": "p19", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 24.0, "elevationM": 1189.0, "headwindKmh": 0.0}, {"id": "p20", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 26.5, "elevationM": 1049.0, "headwindKmh": 0.0}, {"id": "p21", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 28.5, "elevationM": 959.0, "headwindKmh": 0.0}, {"id": "p22", "stop": null, "place": "Harrow Bridge", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 30.0, "elevationM": 924.0, "headwindKmh": 0.0}], "changes": [], "coldestC": 22.0, "hottestC": 38.0, "departureHour": 15.0}, "ambientC": 38.0, "holdGear": null, "speedKmh": 75.0, "altitudeM": 600.0, "gradePercent": 6.0, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'checks', 0, 0, '2026-11-27 08:34:15.893046+00', '{"needle": [], "moments": [{"id": "climb", "panC": 121.0, "readBy": "READER", "ambientC": 31.0, "coolantC": 117.0, "speedKmh": 75.0, "needlePlace": null, "gradePercent": 6.0, "airConditioning": true}, {"id": "flat", "panC": 77.0, "readBy": "READER", "ambientC": 31.0, "coolantC": 93.0, "speedKmh": 80.0, "needlePlace": null, "gradePercent": 0.0, "airConditioning": true}], "readings": [{"at": "2026-05-12T07:40:00Z", "by": "Ines", "id": "reading-1", "tool": "refractometer", "after": false, "check": "COOLANT", "choices": {"COOLANT_LOOKS": "CLEAR"}, "numbers": {"STRENGTH": [50.0]}}, {"at": "2026-05-12T07:55:00Z", "by": "Ines", "id": "reading-2", "tool": "pump tester", "after": false, "check": "CAP", "choices": {"CAP_SEAL": "CLEAN"}, "numbers": {"CAP_HELD": [100.0]}}, {"at": "2026-05-12T08:20:00Z", "by": "Ines", "id": "reading-3", "tool": "fused lead, clamp meter", "after": false, "check": "FAN_FED", "choices": {"FED_WAY": "RIGHT_WAY", "FED_TURNS": "YES", "TURNS_FREE": "YES"}, "numbers": {"FED_CURRENT": [11.8], "PLATE_CURRENT": [24.0]}}], "complaint": {"FAN_ALWAYS": false, "SLOW_TO_WARM": false, "HOT_ON_CLIMBS": true, "LOSES_COOLANT": false}}');
INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'build/found', 0, 0, '2026-11-27 08:34:15.893046+00', '{"id": "found", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 70.0, "switchPoints": {"onC": 98.0, "offC": 93.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "AS_FOUND", "name": "As found", "pump": null, "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "moved": [], "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'build/restored', 0, 1, '2026-11-27 08:34:15.893046+00', '{"id": "restored", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "RESTORED", "name": "Restored", "pump": null, "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "moved": [], "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('dd8f5259-fa63-4248-bc90-cf3166adeff2', 'build/plan-3', 0, 2, '2026-11-27 08:34:15.893046+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "PLAN", "name": "Plan A", "pump": null, "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "moved": [], "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [{"id": "cooler-1", "part": {"code": "SP-280-190", "name": "Stacked plate 280×190×32", "ports": "3/8 in barb", "price": 165.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "widthMm": 280.0, "heightMm": 190.0, "opensKpa": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null}, "gapMm": 20.0, "place": "FRONT", "leftMm": 50.0, "sealed": true, "bottomMm": 250.0, "ownFanM3s": null, "ownFanSwitch": null, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 'about', 0, 0, '2026-11-27 08:34:16.311857+00', '{"name": "Tilt-tray", "order": null, "notices": [], "archived": null, "complaint": "Carries a van over Long Tallow in summer; the gauge creeps up and the air conditioning cuts out."}');
INSERT INTO public.job_section VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 'rig', 0, 0, '2026-11-27 08:34:16.311857+00', '{"marks": {"vehicle.gearbox.oilFlowLpm": "DEFAULT", "vehicle.cooling.pumpKgsAt4000": "DEFAULT", "vehicle.gearbox.inTankWattsPerKelvin": "DEFAULT"}, "ratings": null, "trailer": {"name": "van on the tray", "massKg": 2100.0}, "vehicle": {"kind": "MEDIUM_DIESEL", "name": "tilt-tray recovery truck", "engine": {"kind": "BOOSTED_DIESEL", "idleRpm": null, "torqueNm": [430.0, 545.0, 575.0, 570.0, 530.0, 450.0], "torqueRpm": [1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0], "boostRatio": 2.3, "accessoryKw": 2.0, "condenserKw": 6.0, "airConditioningKw": 3.0, "displacementLitres": 5.2}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "warningC": null, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 6200.0, "cooling": {"capKpa": 110.0, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 560.0, "finsPerInch": 13.0}, "tipGapMm": 15.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 60.0, "depthMm": 18.0, "widthMm": 600.0, "bottomMm": 60.0, "heightMm": 400.0, "finsPerInch": 16.0}, "coreGapMm": 15.0, "fanToCoreMm": 35.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": true, "openingDepthMm": 140.0, "openingWidthMm": 880.0, "ramCoefficient": 0.5, "chargeAirCooler": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 56.0, "widthMm": 760.0, "bottomMm": 40.0, "heightMm": 480.0, "finsPerInch": 11.0}, "openingHeightMm": 640.0}, "gearbox": {"bypass": null, "oilKv40": 29.5, "oilKv100": 5.6, "stallRpm": 1900.0, "axleRatio": 4.3, "gearRatios": [3.54, 1.9, 1.35, 1.0, 0.74, 0.62], "highestRpm": 2800.0, "luggingRpm": 1200.0, "oilFlowLpm": 12.0, "spinLossKw": 1.2, "tyreRadiusM": 0.38, "lockAboveKmh": 32.0, "lockFromGear": 2, "stallTorqueNm": 520.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 1.9, "caseWattsPerKelvin": 28.0, "inTankWattsPerKelvin": 340.0}, "dragAreaM2": 6.2, "rollingCoefficient": 0.01}, "obstacles": [{"id": "obstacle-1", "name": "bonnet latch", "leftMm": 350.0, "movable": false, "widthMm": 80.0, "bottomMm": 520.0, "heightMm": 70.0, "takesAir": false}], "traverses": [], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 'haul', 0, 0, '2026-11-27 08:34:16.311857+00', '{"road": "Long Tallow", "heater": null, "journey": {"name": "Long Tallow", "start": {"oilC": 75.0, "engineC": 88.0, "outletTankC": 75.0}, "points": [{"id": "p1", "stop": null, "place": "Harrowmere yard", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 0.0, "elevationM": 600.0, "headwindKmh": 0.0}, {"id": "p2", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 1.2, "elevationM": 602.0, "headwindKmh": 0.0}, {"id": "p3", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 3.5, "elevationM": 596.0, "headwindKmh": 0.0}, {"id": "p4", "stop": null, "place": "Foot of the Tallow", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 6.0, "elevationM": 604.0, "headwindKmh": 0.0}, {"id": "p5", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 7.0, "elevationM": 656.0, "headwindKmh": 0.0}, {"id": "p6", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 8.0, "elevationM": 715.0, "headwindKmh": 0.0}, {"id": "p7", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 9.5, "elevationM": 805.0, "headwindKmh": 0.0}, {"id": "p8", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 11.0, "elevationM": 886.0, "headwindKmh": 0.0}, {"id": "p9", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 12.2, "elevationM": 959.2, "headwindKmh": 0.0}, {"id": "p10", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 55.0, "distanceKm": 13.0, "elevationM": 999.2, "headwindKmh": 0.0}, {"id": "p11", "stop": null, "place": "Long bend", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 13.4, "elevationM": 1011.2, "headwindKmh": 0.0}, {"id": "p12", "stop": null, "place": "Lay-by", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 14.2, "elevationM": 1056.0, "headwindKmh": 0.0}, {"id": "p13", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 15.5, "elevationM": 1134.0, "headwindKmh": 0.0}, {"id": "p14", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 16.8, "elevationM": 1209.4, "headwindKmh": 0.0}, {"id": "p15", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 18.0, "elevationM": 1273.0, "headwindKmh": 0.0}, {"id": "p16", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 19.2, "elevationM": 1343.8, "headwindKmh": 0.0}, {"id": "p17", "stop": {"engine": "IDLE", "minutes": 5.0, "fansDead": false}, "place": "Tallow Top", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 20.0, "elevationM": 1379.0, "headwindKmh": 0.0}, {"id": "p18", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 22.0, "elevationM": 1294.0, "headwindKmh": 0.0}, {"id": "p19", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 24.0, "elevationM": 1189.0, "headwindKmh": 0.0}, {"id": "p20", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 26.5, "elevationM": 1049.0, "headwindKmh": 0.0}, {"id": "p21", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 28.5, "elevationM": 959.0, "headwindKmh": 0.0}, {"id": "p22", "stop": null, "place": "Harrow Bridge", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 30.0, "elevationM": 924.0, "headwindKmh": 0.0}], "changes": [], "coldestC": 22.0, "hottestC": 38.0, "departureHour": 15.0}, "ambientC": 40.0, "holdGear": null, "speedKmh": 60.0, "altitudeM": 600.0, "gradePercent": 5.5, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 'checks', 0, 0, '2026-11-27 08:34:16.311857+00', '{"needle": [{"id": "needle-1", "place": 50.0, "celsius": 90.0}, {"id": "needle-2", "place": 70.0, "celsius": 105.0}, {"id": "needle-3", "place": 90.0, "celsius": 122.0}], "moments": [{"id": "climb", "panC": null, "readBy": "NEEDLE", "ambientC": 33.0, "coolantC": null, "speedKmh": 55.0, "needlePlace": 80.0, "gradePercent": 5.5, "airConditioning": true}], "readings": [{"at": "2026-06-02T06:50:00Z", "by": "Tomas", "id": "reading-1", "tool": "lamp", "after": false, "check": "RADIATOR_FACE", "choices": {}, "numbers": {"BLOCKED": [0.0, 0.0, 25.0, 0.0, 25.0, 25.0, 25.0, 50.0, 30.0]}}], "complaint": {"ONLY_OIL": false, "HOT_ON_CLIMBS": true, "LOSES_COOLANT": false}}');
INSERT INTO public.job_section VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 'build/found', 0, 0, '2026-11-27 08:34:16.311857+00', '{"id": "found", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 85.0, "switchPoints": {"onC": 98.0, "offC": 93.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "AS_FOUND", "name": "As found", "pump": null, "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "moved": [], "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.1, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 20.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('9609fe7f-61a6-4341-8983-3f0031a26b14', 'build/restored', 0, 1, '2026-11-27 08:34:16.311857+00', '{"id": "restored", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "RESTORED", "name": "Restored", "pump": null, "lines": {"hoses": [{"id": "hose-1", "name": "tank outlet to cooler", "boreMm": 9.5, "elbows": 1, "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "name": "cooler to gearbox return", "boreMm": 9.5, "elbows": 1, "lengthM": 1.1, "adapters": 2}], "spareMm": 80.0}, "marks": {}, "moved": [], "strips": [{"id": "strip-1", "name": "upper strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 20.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 45.0, "insideRadiusMm": 3.2}, {"id": "strip-2", "name": "lower strip", "tabMm": 25.0, "widthMm": 25.0, "offsetMm": 12.0, "quantity": 1, "leftLegMm": 60.0, "rightLegMm": 240.0, "tabDegrees": 90.0, "thicknessMm": 3.2, "offsetDegrees": 30.0, "insideRadiusMm": 3.2}], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');


--
-- Data for Name: long_run; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: long_run_part; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: part; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: scheduled_tasks; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: yard; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.yard VALUES (1, 1, 'Harrowmere Road Services', 'EUR', NULL);


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
-- Name: yard yard_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.yard
    ADD CONSTRAINT yard_pkey PRIMARY KEY (id);


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


