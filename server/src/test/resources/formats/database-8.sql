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
-- Name: photo; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.photo (
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    sent_at timestamp with time zone NOT NULL,
    kind character varying(20) NOT NULL,
    width integer NOT NULL,
    height integer NOT NULL,
    content bytea NOT NULL
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

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'jobs', 'SQL', 'V1__jobs.sql', 1070818286, 'roadbreeze', '2026-11-27 18:57:28.459545', 60, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'Sections', 'JDBC', 'roadbreeze.server.job.format.V2__Sections', NULL, 'roadbreeze', '2026-11-27 18:57:28.644539', 56, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'BuildsOwnMore', 'JDBC', 'roadbreeze.server.job.format.V3__BuildsOwnMore', NULL, 'roadbreeze', '2026-11-27 18:57:28.717274', 3, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'yard', 'SQL', 'V4__yard.sql', -629388019, 'roadbreeze', '2026-11-27 18:57:28.727116', 5, true);
INSERT INTO public.flyway_schema_history VALUES (5, '5', 'TraversesNameFans', 'JDBC', 'roadbreeze.server.job.format.V5__TraversesNameFans', NULL, 'roadbreeze', '2026-11-27 18:57:28.742423', 2, true);
INSERT INTO public.flyway_schema_history VALUES (6, '6', 'HaulsAreRoads', 'JDBC', 'roadbreeze.server.job.format.V6__HaulsAreRoads', NULL, 'roadbreeze', '2026-11-27 18:57:28.751026', 2, true);
INSERT INTO public.flyway_schema_history VALUES (7, '7', 'fault weights', 'SQL', 'V7__fault_weights.sql', 1071485874, 'roadbreeze', '2026-11-27 18:57:28.757696', 2, true);
INSERT INTO public.flyway_schema_history VALUES (8, '8', 'NosesInSpace', 'JDBC', 'roadbreeze.server.job.format.V8__NosesInSpace', NULL, 'roadbreeze', '2026-11-27 18:57:28.765786', 2, true);
INSERT INTO public.flyway_schema_history VALUES (9, '9', 'HosesAreDrawn', 'JDBC', 'roadbreeze.server.job.format.V9__HosesAreDrawn', NULL, 'roadbreeze', '2026-11-27 18:57:28.772303', 2, true);
INSERT INTO public.flyway_schema_history VALUES (10, '10', 'FansAreSeated', 'JDBC', 'roadbreeze.server.job.format.V10__FansAreSeated', NULL, 'roadbreeze', '2026-11-27 18:57:28.778108', 2, true);
INSERT INTO public.flyway_schema_history VALUES (11, '11', 'photos', 'SQL', 'V11__photos.sql', -1203647449, 'roadbreeze', '2026-11-27 18:57:28.784031', 5, true);


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 8);
INSERT INTO public.job VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 8);


--
-- Data for Name: job_section; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'about', 0, 0, '2026-11-27 18:57:41.009902+00', '{"name": "Hive utility", "order": null, "notices": [], "archived": null, "complaint": "Runs hot on Long Tallow with a full load of hives; the fan sounds weak."}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'rig', 0, 0, '2026-11-27 18:57:41.009902+00', '{"marks": {"trailer.massKg": "MEASURED", "vehicle.cooling.radiator.depthMm": "MEASURED", "vehicle.cooling.radiator.widthMm": "MEASURED", "vehicle.cooling.radiator.heightMm": "MEASURED"}, "ratings": null, "trailer": {"name": "hive trailer", "massKg": 3100.0}, "vehicle": {"kind": "PETROL_UTILITY", "name": "bee-keeper''s flat-bed utility", "engine": {"kind": "PETROL", "idleRpm": null, "torqueNm": [390.0, 490.0, 530.0, 545.0, 525.0, 465.0], "torqueRpm": [1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0], "boostRatio": null, "accessoryKw": 1.5, "condenserKw": 7.0, "airConditioningKw": 3.5, "displacementLitres": 5.6}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "warningC": 115.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 2800.0, "cooling": {"capKpa": 100.0, "fanRoom": {"capMm": 26.0, "beltMm": 46.0, "flexMm": null, "hoseMm": 72.0, "bladeMm": 58.0, "bonnetMm": 38.0, "tipTopMm": 14.0, "forwardMm": null, "tipLeftMm": 14.0, "inShroudMm": 34.0, "sidewaysMm": null, "tipRightMm": 13.0, "tipBottomMm": 12.0}, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 520.0, "finsPerInch": 17.0}, "tipGapMm": 12.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 30.0, "depthMm": 16.0, "widthMm": 700.0, "bottomMm": 40.0, "heightMm": 440.0, "finsPerInch": 18.0}, "coreGapMm": 12.0, "fanToCoreMm": 30.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": false, "openingDepthMm": 120.0, "openingWidthMm": 800.0, "ramCoefficient": 0.55, "chargeAirCooler": null, "openingHeightMm": 560.0}, "gearbox": {"bypass": null, "oilKv40": 34.0, "oilKv100": 7.3, "stallRpm": 2300.0, "axleRatio": 3.73, "gearRatios": [3.9, 2.3, 1.5, 1.14, 0.86, 0.68], "highestRpm": 5000.0, "luggingRpm": 1300.0, "oilFlowLpm": 10.0, "spinLossKw": 1.0, "tyreRadiusM": 0.39, "lockAboveKmh": 50.4, "lockFromGear": 3, "stallTorqueNm": 490.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 2.0, "caseWattsPerKelvin": 20.0, "inTankWattsPerKelvin": 320.0}, "dragAreaM2": 3.6, "rollingCoefficient": 0.01}, "traverses": [], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'nose', 0, 0, '2026-11-27 18:57:41.009902+00', '{"holes": [{"id": "upper-left", "name": "upper bar, left", "sort": "THREADED", "upMm": 562.0, "holds": null, "looks": "FORWARD", "backMm": 60.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 90.0, "plusMinusMm": 2.0}, {"id": "upper-right", "name": "upper bar, right", "sort": "THREADED", "upMm": 562.0, "holds": null, "looks": "FORWARD", "backMm": 60.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 670.0, "plusMinusMm": 2.0}, {"id": "lower-left", "name": "crossmember, left", "sort": "THREADED", "upMm": -58.0, "holds": null, "looks": "FORWARD", "backMm": 50.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 90.0, "plusMinusMm": 2.0}, {"id": "lower-right", "name": "crossmember, right", "sort": "THREADED", "upMm": -58.0, "holds": null, "looks": "FORWARD", "backMm": 50.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 670.0, "plusMinusMm": 2.0}, {"id": "post-left", "name": "left post, stud", "sort": "STUD", "upMm": 315.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": -45.0, "plusMinusMm": 2.0}, {"id": "post-right", "name": "right post, stud", "sort": "STUD", "upMm": 315.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": 805.0, "plusMinusMm": 2.0}, {"id": "brace-upper", "name": "brace, upper", "sort": "THREADED", "upMm": 430.0, "holds": null, "looks": "FORWARD", "backMm": 65.0, "freeMm": 10.0, "thread": "M6", "acrossMm": 387.0, "plusMinusMm": 2.0}, {"id": "brace-lower", "name": "brace, lower", "sort": "THREADED", "upMm": 150.0, "holds": null, "looks": "FORWARD", "backMm": 65.0, "freeMm": 10.0, "thread": "M6", "acrossMm": 387.0, "plusMinusMm": 2.0}, {"id": "horn-bolt", "name": "horn bracket", "sort": "THREADED", "upMm": 532.0, "holds": "the horn", "looks": "FORWARD", "backMm": 60.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 685.0, "plusMinusMm": 2.0}], "ports": [{"id": "tank-in", "name": "tank inlet", "upMm": 365.0, "what": "TANK_IN", "looks": "BACKWARD", "rocks": false, "backMm": 200.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "tank-out", "name": "tank outlet", "upMm": 105.0, "what": "TANK_OUT", "looks": "BACKWARD", "rocks": false, "backMm": 200.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "feed-line", "name": "feed line", "upMm": 365.0, "what": "FEED_LINE", "looks": "FORWARD", "rocks": false, "backMm": 263.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}, {"id": "return-line", "name": "return line", "upMm": 105.0, "what": "RETURN_LINE", "looks": "FORWARD", "rocks": false, "backMm": 263.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}], "absent": ["SENSOR", "WINCH"], "photos": [], "solids": [{"id": "edge-left", "box": {"leftMm": -70.0, "depthMm": 90.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -60.0, "heightMm": 640.0}, "move": null, "name": "left side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "edge-right", "box": {"leftMm": 780.0, "depthMm": 90.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -60.0, "heightMm": 640.0}, "move": null, "name": "right side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-upper", "box": {"leftMm": -70.0, "depthMm": 70.0, "frontMm": 60.0, "widthMm": 900.0, "bottomMm": 540.0, "heightMm": 45.0}, "move": null, "name": "upper bar", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-lower", "box": {"leftMm": -110.0, "depthMm": 100.0, "frontMm": 50.0, "widthMm": 980.0, "bottomMm": -95.0, "heightMm": 75.0}, "move": null, "name": "lower crossmember", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "grille", "box": {"leftMm": -45.0, "depthMm": 12.0, "frontMm": -12.0, "widthMm": 850.0, "bottomMm": -35.0, "heightMm": 590.0}, "move": null, "name": "grille", "tube": null, "what": "GRILLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bumper", "box": {"leftMm": -250.0, "depthMm": 100.0, "frontMm": -150.0, "widthMm": 1260.0, "bottomMm": -325.0, "heightMm": 220.0}, "move": null, "name": "bumper", "tube": null, "what": "BUMPER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bonnet", "box": {"leftMm": -200.0, "depthMm": 560.0, "frontMm": -40.0, "widthMm": 1160.0, "bottomMm": 610.0, "heightMm": 4.0}, "move": null, "name": "bonnet", "tube": null, "what": "BONNET", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "latch-cable", "box": null, "move": {"needs": "LONGER_CABLE", "minutes": 20.0}, "name": "latch cable", "tube": {"points": [{"id": "point-1", "upMm": 565.0, "backMm": 50.0, "acrossMm": 400.0}, {"id": "point-2", "upMm": 595.0, "backMm": 80.0, "acrossMm": 530.0}, {"id": "point-3", "upMm": 595.0, "backMm": 90.0, "acrossMm": 750.0}, {"id": "point-4", "upMm": 570.0, "backMm": 180.0, "acrossMm": 855.0}], "diameterMm": 8.0}, "what": "LATCH_CABLE", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "loom", "box": null, "move": {"needs": "LONGER_WIRE", "minutes": 15.0}, "name": "lamp loom", "tube": {"points": [{"id": "point-1", "upMm": 592.0, "backMm": 100.0, "acrossMm": -90.0}, {"id": "point-2", "upMm": 598.0, "backMm": 105.0, "acrossMm": 380.0}, {"id": "point-3", "upMm": 592.0, "backMm": 100.0, "acrossMm": 850.0}], "diameterMm": 14.0}, "what": "LOOM", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-upper", "box": null, "move": null, "name": "condenser line, upper", "tube": {"points": [{"id": "point-1", "upMm": 430.0, "backMm": 128.0, "acrossMm": 742.0}, {"id": "point-2", "upMm": 440.0, "backMm": 153.0, "acrossMm": 798.0}, {"id": "point-3", "upMm": 470.0, "backMm": 308.0, "acrossMm": 845.0}], "diameterMm": 19.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-lower", "box": null, "move": null, "name": "condenser line, lower", "tube": {"points": [{"id": "point-1", "upMm": 100.0, "backMm": 128.0, "acrossMm": 740.0}, {"id": "point-2", "upMm": 90.0, "backMm": 153.0, "acrossMm": 794.0}, {"id": "point-3", "upMm": 70.0, "backMm": 308.0, "acrossMm": 845.0}], "diameterMm": 12.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-upper", "box": null, "move": null, "name": "upper coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 500.0, "backMm": 198.0, "acrossMm": 715.0}, {"id": "point-2", "upMm": 535.0, "backMm": 278.0, "acrossMm": 700.0}, {"id": "point-3", "upMm": 510.0, "backMm": 358.0, "acrossMm": 440.0}], "diameterMm": 46.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-lower", "box": null, "move": null, "name": "lower coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 25.0, "backMm": 198.0, "acrossMm": 45.0}, {"id": "point-2", "upMm": -20.0, "backMm": 268.0, "acrossMm": 60.0}, {"id": "point-3", "upMm": -30.0, "backMm": 358.0, "acrossMm": 260.0}], "diameterMm": 48.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "fan-belt", "box": {"leftMm": 230.0, "depthMm": 30.0, "frontMm": 293.0, "widthMm": 300.0, "bottomMm": 60.0, "heightMm": 400.0}, "move": null, "name": "belt", "tube": null, "what": "BELT", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "engine", "box": {"leftMm": 140.0, "depthMm": 420.0, "frontMm": 338.0, "widthMm": 480.0, "bottomMm": -70.0, "heightMm": 540.0}, "move": null, "name": "engine", "tube": null, "what": "ENGINE", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "duct", "box": null, "move": {"needs": "NEW_BRACKET", "minutes": 30.0}, "name": "intake duct", "tube": {"points": [{"id": "point-1", "upMm": 480.0, "backMm": 80.0, "acrossMm": -115.0}, {"id": "point-2", "upMm": 520.0, "backMm": 248.0, "acrossMm": -120.0}, {"id": "point-3", "upMm": 545.0, "backMm": 398.0, "acrossMm": 20.0}], "diameterMm": 90.0}, "what": "INTAKE_DUCT", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bottle", "box": {"leftMm": 840.0, "depthMm": 130.0, "frontMm": 208.0, "widthMm": 120.0, "bottomMm": 180.0, "heightMm": 230.0}, "move": {"needs": "NEW_BRACKET", "minutes": 20.0}, "name": "coolant bottle", "tube": null, "what": "BOTTLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "battery", "box": {"leftMm": -280.0, "depthMm": 260.0, "frontMm": 248.0, "widthMm": 175.0, "bottomMm": 180.0, "heightMm": 190.0}, "move": null, "name": "battery", "tube": null, "what": "BATTERY", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-left", "box": {"leftMm": -310.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 170.0, "heightMm": 170.0}, "move": null, "name": "left headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-left", "box": {"leftMm": -360.0, "depthMm": 300.0, "frontMm": 298.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "left suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-right", "box": {"leftMm": 850.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 170.0, "heightMm": 170.0}, "move": null, "name": "right headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-right", "box": {"leftMm": 880.0, "depthMm": 300.0, "frontMm": 298.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "right suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "rack", "box": null, "move": null, "name": "steering rack", "tube": {"points": [{"id": "point-1", "upMm": -230.0, "backMm": 398.0, "acrossMm": -170.0}, {"id": "point-2", "upMm": -230.0, "backMm": 398.0, "acrossMm": 930.0}], "diameterMm": 60.0}, "what": "STEERING", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "exhaust", "box": null, "move": null, "name": "exhaust", "tube": {"points": [{"id": "point-1", "upMm": 60.0, "backMm": 498.0, "acrossMm": 650.0}, {"id": "point-2", "upMm": -180.0, "backMm": 558.0, "acrossMm": 670.0}, {"id": "point-3", "upMm": -280.0, "backMm": 758.0, "acrossMm": 680.0}], "diameterMm": 63.0}, "what": "EXHAUST", "round": null, "nature": "HOT", "takesAir": false, "plusMinusMm": 2.0}, {"id": "obstacle-1", "box": {"leftMm": 370.0, "depthMm": 30.0, "frontMm": 65.0, "widthMm": 34.0, "bottomMm": -20.0, "heightMm": 560.0}, "move": null, "name": "latch brace", "tube": null, "what": "BRACE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "obstacle-2", "box": {"leftMm": 640.0, "depthMm": 60.0, "frontMm": 35.0, "widthMm": 90.0, "bottomMm": 430.0, "heightMm": 90.0}, "move": {"needs": "LONGER_WIRE", "minutes": 15.0}, "name": "horn", "tube": null, "what": "HORN", "round": "BACK", "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "latch", "box": {"leftMm": 352.0, "depthMm": 40.0, "frontMm": 25.0, "widthMm": 70.0, "bottomMm": 540.0, "heightMm": 50.0}, "move": null, "name": "bonnet latch", "tube": null, "what": "LATCH", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}], "measures": {"braceMm": 34.0, "latchMm": 0.0, "bonnetMm": 610.0, "bumperTopMm": -105.0, "bumperAheadMm": 150.0}}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'haul', 0, 0, '2026-11-27 18:57:41.009902+00', '{"road": "Long Tallow", "heater": null, "journey": {"name": "Long Tallow", "start": {"oilC": 75.0, "engineC": 88.0, "outletTankC": 75.0}, "points": [{"id": "p1", "stop": null, "place": "Harrowmere yard", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 0.0, "elevationM": 600.0, "headwindKmh": 0.0}, {"id": "p2", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 1.2, "elevationM": 602.0, "headwindKmh": 0.0}, {"id": "p3", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 3.5, "elevationM": 596.0, "headwindKmh": 0.0}, {"id": "p4", "stop": null, "place": "Foot of the Tallow", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 6.0, "elevationM": 604.0, "headwindKmh": 0.0}, {"id": "p5", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 7.0, "elevationM": 656.0, "headwindKmh": 0.0}, {"id": "p6", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 8.0, "elevationM": 715.0, "headwindKmh": 0.0}, {"id": "p7", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 9.5, "elevationM": 805.0, "headwindKmh": 0.0}, {"id": "p8", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 11.0, "elevationM": 886.0, "headwindKmh": 0.0}, {"id": "p9", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 12.2, "elevationM": 959.2, "headwindKmh": 0.0}, {"id": "p10", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 55.0, "distanceKm": 13.0, "elevationM": 999.2, "headwindKmh": 0.0}, {"id": "p11", "stop": null, "place": "Long bend", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 13.4, "elevationM": 1011.2, "headwindKmh": 0.0}, {"id": "p12", "stop": null, "place": "Lay-by", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 14.2, "elevationM": 1056.0, "headwindKmh": 0.0}, {"id": "p13", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 15.5, "elevationM": 1134.0, "headwindKmh": 0.0}, {"id": "p14", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 16.8, "elevationM": 1209.4, "headwindKmh": 0.0}, {"id": "p15", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 18.0, "elevationM": 1273.0, "headwindKmh": 0.0}, {"id": "p16", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 19.2, "elevationM": 1343.8, "headwindKmh": 0.0}, {"id": "p17", "stop": {"engine": "IDLE", "minutes": 5.0, "fansDead": false}, "place": "Tallow Top", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 20.0, "elevationM": 1379.0, "headwindKmh": 0.0}, {"id": "p18", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 22.0, "elevationM": 1294.0, "headwindKmh": 0.0}, {"id": "p19", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 24.0, "elevationM": 1189.0, "headwindKmh": 0.0}, {"id": "p20", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 26.5, "elevationM": 1049.0, "headwindKmh": 0.0}, {"id": "p21", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 28.5, "elevationM": 959.0, "headwindKmh": 0.0}, {"id": "p22", "stop": null, "place": "Harrow Bridge", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 30.0, "elevationM": 924.0, "headwindKmh": 0.0}], "changes": [], "coldestC": 22.0, "hottestC": 38.0, "departureHour": 15.0}, "ambientC": 38.0, "holdGear": null, "speedKmh": 75.0, "altitudeM": 600.0, "gradePercent": 6.0, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'checks', 0, 0, '2026-11-27 18:57:41.009902+00', '{"needle": [], "moments": [{"id": "climb", "panC": 121.0, "readBy": "READER", "ambientC": 31.0, "coolantC": 117.0, "speedKmh": 75.0, "needlePlace": null, "gradePercent": 6.0, "airConditioning": true}, {"id": "flat", "panC": 77.0, "readBy": "READER", "ambientC": 31.0, "coolantC": 93.0, "speedKmh": 80.0, "needlePlace": null, "gradePercent": 0.0, "airConditioning": true}], "readings": [{"at": "2026-05-12T07:40:00Z", "by": "Ines", "id": "reading-1", "tool": "refractometer", "after": false, "check": "COOLANT", "choices": {"COOLANT_LOOKS": "CLEAR"}, "numbers": {"STRENGTH": [50.0]}}, {"at": "2026-05-12T07:55:00Z", "by": "Ines", "id": "reading-2", "tool": "pump tester", "after": false, "check": "CAP", "choices": {"CAP_SEAL": "CLEAN"}, "numbers": {"CAP_HELD": [100.0]}}, {"at": "2026-05-12T08:20:00Z", "by": "Ines", "id": "reading-3", "tool": "fused lead, clamp meter", "after": false, "check": "FAN_FED", "choices": {"FED_WAY": "RIGHT_WAY", "FED_TURNS": "YES", "TURNS_FREE": "YES"}, "numbers": {"FED_CURRENT": [11.8], "PLATE_CURRENT": [24.0]}}], "complaint": {"FAN_ALWAYS": false, "SLOW_TO_WARM": false, "HOT_ON_CLIMBS": true, "LOSES_COOLANT": false}}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'build/found', 0, 0, '2026-11-27 18:57:41.009902+00', '{"id": "found", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 70.0, "switchPoints": {"onC": 98.0, "offC": 93.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "AS_FOUND", "name": "As found", "pump": null, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'build/restored', 0, 1, '2026-11-27 18:57:41.009902+00', '{"id": "restored", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "RESTORED", "name": "Restored", "pump": null, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('556175e8-a454-4700-a860-28b10360fbbd', 'build/plan-3', 0, 2, '2026-11-27 18:57:41.009902+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "PLAN", "name": "Plan A", "pump": null, "lines": {"hoses": [{"id": "hose-1", "to": {"at": "cooler-1", "side": "IN", "elbow": "DOWN", "adapter": null}, "from": {"at": "tank-out", "side": null, "elbow": "DOWN", "adapter": {"to": "quick connector", "code": "AD-9-Q", "from": "3/8 in barb", "loss": 1.5, "name": "3/8 in barb to quick connector", "price": 14.0, "boreMm": 8.0}}, "name": "tank outlet to cooler inlet", "bends": [{"id": "bend-1", "upMm": -117.0, "backMm": 228.0, "acrossMm": -22.0, "radiusMm": 57.0}, {"id": "bend-2", "upMm": -117.0, "backMm": 22.0, "acrossMm": -22.0, "radiusMm": 57.0}, {"id": "bend-3", "upMm": -117.0, "backMm": 22.0, "acrossMm": 128.0, "radiusMm": 57.0}, {"id": "bend-4", "upMm": 21.6, "backMm": 22.0, "acrossMm": 128.0, "radiusMm": 57.0}, {"id": "bend-5", "upMm": 263.8, "backMm": 40.0, "acrossMm": 70.0, "radiusMm": 57.0}], "clips": [{"id": "clip-1", "atMm": 247.0}, {"id": "clip-2", "atMm": 485.0}, {"id": "clip-3", "atMm": 688.0}], "stock": {"code": "HO-9", "name": "Gearbox oil hose, 3/8 in", "price": 10.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 2100.0, "outsideMm": 17.0, "minRadiusMm": 57.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 0.92, "adapters": 2}, {"id": "hose-2", "to": {"at": "return-line", "side": null, "elbow": "LEFT", "adapter": {"to": "3/8 in tube", "code": "AD-9-9", "from": "3/8 in barb", "loss": 1.0, "name": "3/8 in barb to 3/8 in tube", "price": 4.0, "boreMm": 8.5}}, "from": {"at": "cooler-1", "side": "OUT", "elbow": "DOWN", "adapter": null}, "name": "cooler outlet to return line", "bends": [{"id": "bend-1", "upMm": -140.5, "backMm": 22.0, "acrossMm": 310.0, "radiusMm": 57.0}, {"id": "bend-2", "upMm": -140.5, "backMm": 22.0, "acrossMm": -182.0, "radiusMm": 57.0}, {"id": "bend-3", "upMm": 105.0, "backMm": 235.0, "acrossMm": -182.0, "radiusMm": 57.0}], "clips": [{"id": "clip-1", "atMm": 267.0}, {"id": "clip-2", "atMm": 533.0}, {"id": "clip-3", "atMm": 800.0}, {"id": "clip-4", "atMm": 1067.0}], "stock": {"code": "HO-9", "name": "Gearbox oil hose, 3/8 in", "price": 10.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 2100.0, "outsideMm": 17.0, "minRadiusMm": 57.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 1.33, "adapters": 2}], "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "coolers": [{"id": "cooler-1", "part": {"code": "SP-280-190", "name": "Stacked plate 280×190×32", "ports": "3/8 in barb", "price": 165.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": null, "widthMm": 280.0, "earsUpMm": null, "heightMm": 190.0, "opensKpa": null, "earHoleMm": null, "portsLook": "FORWARD", "earsBackMm": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": null}, "turn": "AS_DRAWN", "gapMm": 20.0, "place": "FRONT", "leftMm": 50.0, "sealed": true, "bottomMm": 250.0, "ownFanM3s": null, "ownFanSwitch": null, "portsSwapped": false, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [{"id": "bracket-upper-left", "tie": {"hole": "post-left", "cooler": "cooler-1", "corner": "UPPER_LEFT"}, "name": "upper left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 25.85, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 34.85}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 82.43}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 34.85}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}, {"id": "bracket-upper-right", "tie": {"hole": "brace-upper", "cooler": "cooler-1", "corner": "UPPER_RIGHT"}, "name": "upper right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 13.4, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 22.4}, {"id": "step-2", "kind": "BEND", "degrees": 90.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 7.9}, {"id": "step-4", "kind": "BEND", "degrees": -90.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 22.4}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}, {"id": "bracket-lower-left", "tie": {"hole": "lower-left", "cooler": "cooler-1", "corner": "LOWER_LEFT"}, "name": "lower left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 138.07, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 9.0}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 145.87}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 62.43}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 150.34}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}, {"id": "bracket-lower-right", "tie": {"hole": "brace-lower", "cooler": "cooler-1", "corner": "LOWER_RIGHT"}, "name": "lower right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 46.06, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 55.06}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 32.43}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 55.06}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}], "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'about', 0, 0, '2026-11-27 18:57:41.638549+00', '{"name": "Tilt-tray", "order": null, "notices": [], "archived": null, "complaint": "Carries a van over Long Tallow in summer; the gauge creeps up and the air conditioning cuts out."}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'rig', 0, 0, '2026-11-27 18:57:41.638549+00', '{"marks": {"vehicle.gearbox.oilFlowLpm": "DEFAULT", "vehicle.cooling.pumpKgsAt4000": "DEFAULT", "vehicle.gearbox.inTankWattsPerKelvin": "DEFAULT"}, "ratings": null, "trailer": {"name": "van on the tray", "massKg": 2100.0}, "vehicle": {"kind": "MEDIUM_DIESEL", "name": "tilt-tray recovery truck", "engine": {"kind": "BOOSTED_DIESEL", "idleRpm": null, "torqueNm": [430.0, 545.0, 575.0, 570.0, 530.0, 450.0], "torqueRpm": [1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0], "boostRatio": 2.3, "accessoryKw": 2.0, "condenserKw": 6.0, "airConditioningKw": 3.0, "displacementLitres": 5.2}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "warningC": null, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 6200.0, "cooling": {"capKpa": 110.0, "fanRoom": {"capMm": 28.0, "beltMm": 30.0, "flexMm": null, "hoseMm": 58.0, "bladeMm": 80.0, "bonnetMm": 40.0, "tipTopMm": 15.0, "forwardMm": null, "tipLeftMm": 15.0, "inShroudMm": 46.0, "sidewaysMm": null, "tipRightMm": 14.0, "tipBottomMm": 13.0}, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 560.0, "finsPerInch": 13.0}, "tipGapMm": 15.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 60.0, "depthMm": 18.0, "widthMm": 600.0, "bottomMm": 60.0, "heightMm": 400.0, "finsPerInch": 16.0}, "coreGapMm": 15.0, "fanToCoreMm": 35.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": true, "openingDepthMm": 140.0, "openingWidthMm": 880.0, "ramCoefficient": 0.5, "chargeAirCooler": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 56.0, "widthMm": 760.0, "bottomMm": 40.0, "heightMm": 480.0, "finsPerInch": 11.0}, "openingHeightMm": 640.0}, "gearbox": {"bypass": null, "oilKv40": 29.5, "oilKv100": 5.6, "stallRpm": 1900.0, "axleRatio": 4.3, "gearRatios": [3.54, 1.9, 1.35, 1.0, 0.74, 0.62], "highestRpm": 2800.0, "luggingRpm": 1200.0, "oilFlowLpm": 12.0, "spinLossKw": 1.2, "tyreRadiusM": 0.38, "lockAboveKmh": 32.0, "lockFromGear": 2, "stallTorqueNm": 520.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 1.9, "caseWattsPerKelvin": 28.0, "inTankWattsPerKelvin": 340.0}, "dragAreaM2": 6.2, "rollingCoefficient": 0.01}, "traverses": [], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'nose', 0, 0, '2026-11-27 18:57:41.638549+00', '{"holes": [{"id": "upper-left", "name": "upper bar, left", "sort": "THREADED", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 50.0, "plusMinusMm": 2.0}, {"id": "upper-right", "name": "upper bar, right", "sort": "THREADED", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 710.0, "plusMinusMm": 2.0}, {"id": "upper-second", "name": "upper bar, second from left", "sort": "PLAIN", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 0.0, "thread": "M8", "acrossMm": 170.0, "plusMinusMm": 2.0}, {"id": "upper-third", "name": "upper bar, third from left", "sort": "PLAIN", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 0.0, "thread": "M8", "acrossMm": 290.0, "plusMinusMm": 2.0}, {"id": "upper-fourth", "name": "upper bar, fourth from left", "sort": "PLAIN", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 0.0, "thread": "M8", "acrossMm": 470.0, "plusMinusMm": 2.0}, {"id": "lower-left", "name": "crossmember, left", "sort": "THREADED", "upMm": -78.0, "holds": null, "looks": "FORWARD", "backMm": 70.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 50.0, "plusMinusMm": 2.0}, {"id": "lower-right", "name": "crossmember, right", "sort": "THREADED", "upMm": -78.0, "holds": null, "looks": "FORWARD", "backMm": 70.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 710.0, "plusMinusMm": 2.0}, {"id": "post-left", "name": "left post, stud", "sort": "STUD", "upMm": 345.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": -85.0, "plusMinusMm": 2.0}, {"id": "post-right", "name": "right post, stud", "sort": "STUD", "upMm": 345.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": 845.0, "plusMinusMm": 2.0}], "ports": [{"id": "tank-in", "name": "tank inlet", "upMm": 390.0, "what": "TANK_IN", "looks": "BACKWARD", "rocks": false, "backMm": 296.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "tank-out", "name": "tank outlet", "upMm": 110.0, "what": "TANK_OUT", "looks": "BACKWARD", "rocks": false, "backMm": 296.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "feed-line", "name": "feed line", "upMm": 390.0, "what": "FEED_LINE", "looks": "FORWARD", "rocks": false, "backMm": 359.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}, {"id": "return-line", "name": "return line", "upMm": 110.0, "what": "RETURN_LINE", "looks": "FORWARD", "rocks": false, "backMm": 359.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}], "absent": ["BRACE", "HORN", "SENSOR", "WINCH"], "photos": [], "solids": [{"id": "edge-left", "box": {"leftMm": -110.0, "depthMm": 110.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -80.0, "heightMm": 720.0}, "move": null, "name": "left side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "edge-right", "box": {"leftMm": 820.0, "depthMm": 110.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -80.0, "heightMm": 720.0}, "move": null, "name": "right side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-upper", "box": {"leftMm": -110.0, "depthMm": 70.0, "frontMm": 80.0, "widthMm": 980.0, "bottomMm": 600.0, "heightMm": 45.0}, "move": null, "name": "upper bar", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-lower", "box": {"leftMm": -150.0, "depthMm": 100.0, "frontMm": 70.0, "widthMm": 1060.0, "bottomMm": -115.0, "heightMm": 75.0}, "move": null, "name": "lower crossmember", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "grille", "box": {"leftMm": -85.0, "depthMm": 12.0, "frontMm": -12.0, "widthMm": 930.0, "bottomMm": -55.0, "heightMm": 670.0}, "move": null, "name": "grille", "tube": null, "what": "GRILLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bumper", "box": {"leftMm": -290.0, "depthMm": 100.0, "frontMm": -170.0, "widthMm": 1340.0, "bottomMm": -320.0, "heightMm": 220.0}, "move": null, "name": "bumper", "tube": null, "what": "BUMPER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bonnet", "box": {"leftMm": -240.0, "depthMm": 560.0, "frontMm": -40.0, "widthMm": 1240.0, "bottomMm": 690.0, "heightMm": 4.0}, "move": null, "name": "bonnet", "tube": null, "what": "BONNET", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "latch-cable", "box": null, "move": {"needs": "LONGER_CABLE", "minutes": 20.0}, "name": "latch cable", "tube": {"points": [{"id": "point-1", "upMm": 625.0, "backMm": 70.0, "acrossMm": 400.0}, {"id": "point-2", "upMm": 655.0, "backMm": 100.0, "acrossMm": 530.0}, {"id": "point-3", "upMm": 655.0, "backMm": 110.0, "acrossMm": 790.0}, {"id": "point-4", "upMm": 630.0, "backMm": 200.0, "acrossMm": 895.0}], "diameterMm": 8.0}, "what": "LATCH_CABLE", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "loom", "box": null, "move": {"needs": "LONGER_WIRE", "minutes": 15.0}, "name": "lamp loom", "tube": {"points": [{"id": "point-1", "upMm": 652.0, "backMm": 120.0, "acrossMm": -130.0}, {"id": "point-2", "upMm": 658.0, "backMm": 125.0, "acrossMm": 380.0}, {"id": "point-3", "upMm": 652.0, "backMm": 120.0, "acrossMm": 890.0}], "diameterMm": 14.0}, "what": "LOOM", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-upper", "box": null, "move": null, "name": "condenser line, upper", "tube": {"points": [{"id": "point-1", "upMm": 410.0, "backMm": 220.0, "acrossMm": 672.0}, {"id": "point-2", "upMm": 420.0, "backMm": 245.0, "acrossMm": 838.0}, {"id": "point-3", "upMm": 450.0, "backMm": 404.0, "acrossMm": 885.0}], "diameterMm": 19.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-lower", "box": null, "move": null, "name": "condenser line, lower", "tube": {"points": [{"id": "point-1", "upMm": 120.0, "backMm": 220.0, "acrossMm": 670.0}, {"id": "point-2", "upMm": 110.0, "backMm": 245.0, "acrossMm": 834.0}, {"id": "point-3", "upMm": 90.0, "backMm": 404.0, "acrossMm": 885.0}], "diameterMm": 12.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-upper", "box": null, "move": null, "name": "upper coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 540.0, "backMm": 294.0, "acrossMm": 715.0}, {"id": "point-2", "upMm": 575.0, "backMm": 374.0, "acrossMm": 700.0}, {"id": "point-3", "upMm": 550.0, "backMm": 459.0, "acrossMm": 440.0}], "diameterMm": 46.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-lower", "box": null, "move": null, "name": "lower coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 25.0, "backMm": 294.0, "acrossMm": 45.0}, {"id": "point-2", "upMm": -20.0, "backMm": 364.0, "acrossMm": 60.0}, {"id": "point-3", "upMm": -30.0, "backMm": 459.0, "acrossMm": 260.0}], "diameterMm": 48.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "fan-belt", "box": {"leftMm": 230.0, "depthMm": 30.0, "frontMm": 394.0, "widthMm": 300.0, "bottomMm": 60.0, "heightMm": 400.0}, "move": null, "name": "belt", "tube": null, "what": "BELT", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "engine", "box": {"leftMm": 120.0, "depthMm": 420.0, "frontMm": 439.0, "widthMm": 520.0, "bottomMm": -70.0, "heightMm": 620.0}, "move": null, "name": "engine", "tube": null, "what": "ENGINE", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "duct", "box": null, "move": {"needs": "NEW_BRACKET", "minutes": 30.0}, "name": "intake duct", "tube": {"points": [{"id": "point-1", "upMm": 540.0, "backMm": 100.0, "acrossMm": -155.0}, {"id": "point-2", "upMm": 580.0, "backMm": 344.0, "acrossMm": -160.0}, {"id": "point-3", "upMm": 605.0, "backMm": 499.0, "acrossMm": -20.0}], "diameterMm": 90.0}, "what": "INTAKE_DUCT", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bottle", "box": {"leftMm": 880.0, "depthMm": 130.0, "frontMm": 304.0, "widthMm": 120.0, "bottomMm": 180.0, "heightMm": 230.0}, "move": {"needs": "NEW_BRACKET", "minutes": 20.0}, "name": "coolant bottle", "tube": null, "what": "BOTTLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "battery", "box": {"leftMm": -320.0, "depthMm": 260.0, "frontMm": 344.0, "widthMm": 175.0, "bottomMm": 180.0, "heightMm": 190.0}, "move": null, "name": "battery", "tube": null, "what": "BATTERY", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-left", "box": {"leftMm": -350.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 150.0, "heightMm": 170.0}, "move": null, "name": "left headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-left", "box": {"leftMm": -400.0, "depthMm": 300.0, "frontMm": 399.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "left suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-right", "box": {"leftMm": 890.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 150.0, "heightMm": 170.0}, "move": null, "name": "right headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-right", "box": {"leftMm": 920.0, "depthMm": 300.0, "frontMm": 399.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "right suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "rack", "box": null, "move": null, "name": "steering rack", "tube": {"points": [{"id": "point-1", "upMm": -230.0, "backMm": 499.0, "acrossMm": -210.0}, {"id": "point-2", "upMm": -230.0, "backMm": 499.0, "acrossMm": 970.0}], "diameterMm": 60.0}, "what": "STEERING", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "exhaust", "box": null, "move": null, "name": "exhaust", "tube": {"points": [{"id": "point-1", "upMm": 60.0, "backMm": 599.0, "acrossMm": 650.0}, {"id": "point-2", "upMm": -180.0, "backMm": 659.0, "acrossMm": 670.0}, {"id": "point-3", "upMm": -280.0, "backMm": 859.0, "acrossMm": 680.0}], "diameterMm": 63.0}, "what": "EXHAUST", "round": null, "nature": "HOT", "takesAir": false, "plusMinusMm": 2.0}, {"id": "tow-left", "box": {"leftMm": 0.0, "depthMm": 150.0, "frontMm": -120.0, "widthMm": 50.0, "bottomMm": -110.0, "heightMm": 50.0}, "move": null, "name": "left tow eye", "tube": null, "what": "OTHER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "obstacle-1", "box": {"leftMm": 350.0, "depthMm": 50.0, "frontMm": 40.0, "widthMm": 80.0, "bottomMm": 520.0, "heightMm": 70.0}, "move": null, "name": "bonnet latch", "tube": null, "what": "LATCH", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}], "measures": {"braceMm": 0.0, "latchMm": 80.0, "bonnetMm": 690.0, "bumperTopMm": -100.0, "bumperAheadMm": 170.0}}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'haul', 0, 0, '2026-11-27 18:57:41.638549+00', '{"road": "Long Tallow", "heater": null, "journey": {"name": "Long Tallow", "start": {"oilC": 75.0, "engineC": 88.0, "outletTankC": 75.0}, "points": [{"id": "p1", "stop": null, "place": "Harrowmere yard", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 0.0, "elevationM": 600.0, "headwindKmh": 0.0}, {"id": "p2", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 1.2, "elevationM": 602.0, "headwindKmh": 0.0}, {"id": "p3", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 3.5, "elevationM": 596.0, "headwindKmh": 0.0}, {"id": "p4", "stop": null, "place": "Foot of the Tallow", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 6.0, "elevationM": 604.0, "headwindKmh": 0.0}, {"id": "p5", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 7.0, "elevationM": 656.0, "headwindKmh": 0.0}, {"id": "p6", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 8.0, "elevationM": 715.0, "headwindKmh": 0.0}, {"id": "p7", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 9.5, "elevationM": 805.0, "headwindKmh": 0.0}, {"id": "p8", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 11.0, "elevationM": 886.0, "headwindKmh": 0.0}, {"id": "p9", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 12.2, "elevationM": 959.2, "headwindKmh": 0.0}, {"id": "p10", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 55.0, "distanceKm": 13.0, "elevationM": 999.2, "headwindKmh": 0.0}, {"id": "p11", "stop": null, "place": "Long bend", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 13.4, "elevationM": 1011.2, "headwindKmh": 0.0}, {"id": "p12", "stop": null, "place": "Lay-by", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 14.2, "elevationM": 1056.0, "headwindKmh": 0.0}, {"id": "p13", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 15.5, "elevationM": 1134.0, "headwindKmh": 0.0}, {"id": "p14", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 16.8, "elevationM": 1209.4, "headwindKmh": 0.0}, {"id": "p15", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 18.0, "elevationM": 1273.0, "headwindKmh": 0.0}, {"id": "p16", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 19.2, "elevationM": 1343.8, "headwindKmh": 0.0}, {"id": "p17", "stop": {"engine": "IDLE", "minutes": 5.0, "fansDead": false}, "place": "Tallow Top", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 20.0, "elevationM": 1379.0, "headwindKmh": 0.0}, {"id": "p18", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 22.0, "elevationM": 1294.0, "headwindKmh": 0.0}, {"id": "p19", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 24.0, "elevationM": 1189.0, "headwindKmh": 0.0}, {"id": "p20", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 26.5, "elevationM": 1049.0, "headwindKmh": 0.0}, {"id": "p21", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 28.5, "elevationM": 959.0, "headwindKmh": 0.0}, {"id": "p22", "stop": null, "place": "Harrow Bridge", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 30.0, "elevationM": 924.0, "headwindKmh": 0.0}], "changes": [], "coldestC": 22.0, "hottestC": 38.0, "departureHour": 15.0}, "ambientC": 40.0, "holdGear": null, "speedKmh": 60.0, "altitudeM": 600.0, "gradePercent": 5.5, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'checks', 0, 0, '2026-11-27 18:57:41.638549+00', '{"needle": [{"id": "needle-1", "place": 50.0, "celsius": 90.0}, {"id": "needle-2", "place": 70.0, "celsius": 105.0}, {"id": "needle-3", "place": 90.0, "celsius": 122.0}], "moments": [{"id": "climb", "panC": null, "readBy": "NEEDLE", "ambientC": 33.0, "coolantC": null, "speedKmh": 55.0, "needlePlace": 80.0, "gradePercent": 5.5, "airConditioning": true}], "readings": [{"at": "2026-06-02T06:50:00Z", "by": "Tomas", "id": "reading-1", "tool": "lamp", "after": false, "check": "RADIATOR_FACE", "choices": {}, "numbers": {"BLOCKED": [0.0, 0.0, 25.0, 0.0, 25.0, 25.0, 25.0, 50.0, 30.0]}}], "complaint": {"ONLY_OIL": false, "HOT_ON_CLIMBS": true, "LOSES_COOLANT": false}}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'build/found', 0, 0, '2026-11-27 18:57:41.638549+00', '{"id": "found", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 85.0, "switchPoints": {"onC": 98.0, "offC": 93.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "AS_FOUND", "name": "As found", "pump": null, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.1, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 20.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'build/restored', 0, 1, '2026-11-27 18:57:41.638549+00', '{"id": "restored", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "RESTORED", "name": "Restored", "pump": null, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('7354d99d-93c5-4822-ae38-00c2448c72ad', 'build/plan-3', 0, 2, '2026-11-27 18:57:41.638549+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "kind": "PLAN", "name": "Plan A", "pump": null, "lines": {"hoses": [{"id": "hose-1", "to": {"at": "cooler-1", "side": "IN", "elbow": "LEFT", "adapter": null}, "from": {"at": "tank-out", "side": null, "elbow": "UP", "adapter": {"to": "quick connector", "code": "AD-12-Q", "from": "1/2 in barb", "loss": 1.5, "name": "1/2 in barb to quick connector", "price": 17.0, "boreMm": 11.0}}, "name": "tank outlet to cooler inlet", "bends": [{"id": "bend-1", "upMm": 476.3, "backMm": 324.0, "acrossMm": -22.0, "radiusMm": 76.0}, {"id": "bend-2", "upMm": 476.3, "backMm": 69.0, "acrossMm": -22.0, "radiusMm": 76.0}], "clips": [{"id": "clip-1", "atMm": 256.0}, {"id": "clip-2", "atMm": 513.0}, {"id": "clip-3", "atMm": 769.0}], "stock": {"code": "HO-12", "name": "Gearbox oil hose, 1/2 in", "price": 14.0, "rollM": 7.5, "boreMm": 12.7, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1700.0, "outsideMm": 20.5, "minRadiusMm": 76.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": {"at": "return-line", "side": null, "elbow": null, "adapter": {"to": "1/2 in tube", "code": "AD-12-12", "from": "1/2 in barb", "loss": 1.0, "name": "1/2 in barb to 1/2 in tube", "price": 6.0, "boreMm": 11.5}}, "from": {"at": "cooler-1", "side": "OUT", "elbow": "LEFT", "adapter": null}, "name": "cooler outlet to return line", "bends": [{"id": "bend-1", "upMm": 75.0, "backMm": 69.0, "acrossMm": 338.6, "radiusMm": 76.0}, {"id": "bend-2", "upMm": 110.0, "backMm": 36.3, "acrossMm": 131.2, "radiusMm": 76.0}, {"id": "bend-3", "upMm": 110.0, "backMm": 36.3, "acrossMm": -22.0, "radiusMm": 76.0}], "clips": [{"id": "clip-1", "atMm": 250.0}, {"id": "clip-2", "atMm": 500.0}], "stock": {"code": "HO-12", "name": "Gearbox oil hose, 1/2 in", "price": 14.0, "rollM": 7.5, "boreMm": 12.7, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1700.0, "outsideMm": 20.5, "minRadiusMm": 76.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 1.1, "adapters": 2}], "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "coolers": [{"id": "cooler-1", "part": {"code": "SP-300-200", "name": "Stacked plate 300×200×38", "ports": "1/2 in barb", "price": 196.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 2.28, "widthMm": 300.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 344.0}, "turn": "AS_DRAWN", "gapMm": 5.0, "place": "FRONT", "leftMm": 180.0, "sealed": true, "bottomMm": -25.0, "ownFanM3s": null, "ownFanSwitch": null, "portsSwapped": false, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [{"id": "bracket-upper-left", "tie": {"hole": "post-left", "cooler": "cooler-1", "corner": "UPPER_LEFT"}, "name": "upper left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 94.63, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 103.63}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 128.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 103.63}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}, {"id": "bracket-upper-right", "tie": {"hole": "post-right", "cooler": "cooler-1", "corner": "UPPER_RIGHT"}, "name": "upper right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 136.45, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 145.45}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 128.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 145.45}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}, {"id": "bracket-lower-left", "tie": {"hole": "lower-left", "cooler": "cooler-1", "corner": "LOWER_LEFT"}, "name": "lower left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 32.16, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 9.0}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 39.96}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 68.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 44.43}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}, {"id": "bracket-lower-right", "tie": {"hole": "lower-right", "cooler": "cooler-1", "corner": "LOWER_RIGHT"}, "name": "lower right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 77.2, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 9.0}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 85.0}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 68.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 89.47}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}], "standOffMm": 8.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');


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
-- Data for Name: photo; Type: TABLE DATA; Schema: public; Owner: -
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
-- Name: photo photo_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_pkey PRIMARY KEY (id);


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
-- Name: photo_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX photo_job ON public.photo USING btree (job_id);


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
-- Name: photo photo_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- PostgreSQL database dump complete
--


