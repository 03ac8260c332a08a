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

--
-- Name: run_partitions(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.run_partitions() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
declare
    part text := replace(new.id::text, '-', '');
begin
    execute format('create table run_row_%s partition of run_row for values in (%L)', part, new.id);
    execute format('create table run_span_%s partition of run_span for values in (%L)', part, new.id);
    return null;
end $$;


--
-- Name: run_partitions_gone(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.run_partitions_gone() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
declare
    part text := replace(old.id::text, '-', '');
begin
    execute format('drop table if exists run_row_%s', part);
    execute format('drop table if exists run_span_%s', part);
    return null;
end $$;


SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: account; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.account (
    id uuid NOT NULL,
    name text NOT NULL,
    role character varying(10) NOT NULL,
    password text NOT NULL,
    made_at timestamp with time zone NOT NULL,
    closed_at timestamp with time zone
);


--
-- Name: bay_event; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.bay_event (
    id uuid NOT NULL,
    order_id uuid NOT NULL,
    seq bigint NOT NULL,
    kind character varying(20) NOT NULL,
    step character varying(90),
    event jsonb NOT NULL,
    family character varying(40),
    usual integer,
    took double precision
);


--
-- Name: bay_order; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.bay_order (
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    build character varying(24) NOT NULL,
    title text NOT NULL,
    begun_at timestamp with time zone NOT NULL,
    begun_by text NOT NULL,
    signed_at timestamp with time zone,
    last bigint NOT NULL
);


--
-- Name: bay_photo; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.bay_photo (
    id uuid NOT NULL,
    order_id uuid NOT NULL,
    sent_at timestamp with time zone NOT NULL,
    width integer NOT NULL,
    height integer NOT NULL,
    content bytea NOT NULL
);


--
-- Name: bay_plan; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.bay_plan (
    order_id uuid NOT NULL,
    number integer NOT NULL,
    plan jsonb NOT NULL
);


--
-- Name: change_made; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.change_made (
    id bigint NOT NULL,
    at timestamp with time zone NOT NULL,
    who text NOT NULL,
    device text,
    method character varying(8) NOT NULL,
    path text NOT NULL
);


--
-- Name: change_made_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.change_made_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: change_made_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.change_made_id_seq OWNED BY public.change_made.id;


--
-- Name: device; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.device (
    id uuid NOT NULL,
    account_id uuid NOT NULL,
    name text NOT NULL,
    paired_at timestamp with time zone NOT NULL,
    revoked_at timestamp with time zone
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
-- Name: log_plan; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.log_plan (
    shape character varying(64) NOT NULL,
    used_at timestamp with time zone NOT NULL,
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
-- Name: own_tasks; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.own_tasks (
    id integer NOT NULL,
    version bigint NOT NULL,
    file jsonb NOT NULL,
    CONSTRAINT own_tasks_id_check CHECK ((id = 1))
);


--
-- Name: pairing; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.pairing (
    code text NOT NULL,
    account_id uuid NOT NULL,
    until timestamp with time zone NOT NULL
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
-- Name: run; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.run (
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    version bigint NOT NULL,
    made_at timestamp with time zone NOT NULL,
    began_at timestamp with time zone,
    body jsonb NOT NULL
);


--
-- Name: run_row; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.run_row (
    run_id uuid NOT NULL,
    track smallint NOT NULL,
    t double precision NOT NULL,
    v real[] NOT NULL
)
PARTITION BY LIST (run_id);


--
-- Name: run_span; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.run_span (
    run_id uuid NOT NULL,
    track smallint NOT NULL,
    level smallint NOT NULL,
    from_t double precision NOT NULL,
    to_t double precision NOT NULL,
    n integer NOT NULL,
    low real[] NOT NULL,
    high real[] NOT NULL,
    mean real[] NOT NULL
)
PARTITION BY LIST (run_id);


--
-- Name: run_track; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.run_track (
    run_id uuid NOT NULL,
    number smallint NOT NULL,
    name text NOT NULL,
    began_after double precision NOT NULL,
    seconds double precision NOT NULL,
    rows bigint NOT NULL,
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
-- Name: signed_paper; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.signed_paper (
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    kind character varying(20) NOT NULL,
    build character varying(24) NOT NULL,
    title text NOT NULL,
    signed_by text NOT NULL,
    signed_on text NOT NULL,
    signed_at timestamp with time zone NOT NULL,
    hash text NOT NULL,
    snapshot text NOT NULL,
    pdf bytea NOT NULL
);


--
-- Name: spring_session; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.spring_session (
    primary_id character(36) NOT NULL,
    session_id character(36) NOT NULL,
    creation_time bigint NOT NULL,
    last_access_time bigint NOT NULL,
    max_inactive_interval integer NOT NULL,
    expiry_time bigint NOT NULL,
    principal_name character varying(100)
);


--
-- Name: spring_session_attributes; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.spring_session_attributes (
    session_primary_id character(36) NOT NULL,
    attribute_name character varying(200) NOT NULL,
    attribute_bytes bytea NOT NULL
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
    hourly_rate double precision DEFAULT 60 NOT NULL,
    tax_percent double precision DEFAULT 20 NOT NULL,
    consumables_percent double precision DEFAULT 5 NOT NULL,
    CONSTRAINT yard_id_check CHECK ((id = 1))
);


--
-- Name: change_made id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.change_made ALTER COLUMN id SET DEFAULT nextval('public.change_made_id_seq'::regclass);


--
-- Data for Name: account; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: bay_event; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: bay_order; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: bay_photo; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: bay_plan; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: change_made; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: device; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'jobs', 'SQL', 'V1__jobs.sql', 1070818286, 'postgres', '2026-11-28 17:14:46.995271', 52, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'Sections', 'JDBC', 'roadbreeze.server.job.format.V2__Sections', NULL, 'postgres', '2026-11-28 17:14:47.103717', 46, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'BuildsOwnMore', 'JDBC', 'roadbreeze.server.job.format.V3__BuildsOwnMore', NULL, 'postgres', '2026-11-28 17:14:47.169961', 3, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'yard', 'SQL', 'V4__yard.sql', -629388019, 'postgres', '2026-11-28 17:14:47.179684', 3, true);
INSERT INTO public.flyway_schema_history VALUES (5, '5', 'TraversesNameFans', 'JDBC', 'roadbreeze.server.job.format.V5__TraversesNameFans', NULL, 'postgres', '2026-11-28 17:14:47.192876', 2, true);
INSERT INTO public.flyway_schema_history VALUES (6, '6', 'HaulsAreRoads', 'JDBC', 'roadbreeze.server.job.format.V6__HaulsAreRoads', NULL, 'postgres', '2026-11-28 17:14:47.201379', 1, true);
INSERT INTO public.flyway_schema_history VALUES (7, '7', 'fault weights', 'SQL', 'V7__fault_weights.sql', 1071485874, 'postgres', '2026-11-28 17:14:47.210698', 2, true);
INSERT INTO public.flyway_schema_history VALUES (8, '8', 'NosesInSpace', 'JDBC', 'roadbreeze.server.job.format.V8__NosesInSpace', NULL, 'postgres', '2026-11-28 17:14:47.219072', 3, true);
INSERT INTO public.flyway_schema_history VALUES (9, '9', 'HosesAreDrawn', 'JDBC', 'roadbreeze.server.job.format.V9__HosesAreDrawn', NULL, 'postgres', '2026-11-28 17:14:47.230193', 2, true);
INSERT INTO public.flyway_schema_history VALUES (10, '10', 'FansAreSeated', 'JDBC', 'roadbreeze.server.job.format.V10__FansAreSeated', NULL, 'postgres', '2026-11-28 17:14:47.238314', 4, true);
INSERT INTO public.flyway_schema_history VALUES (11, '11', 'photos', 'SQL', 'V11__photos.sql', -1203647449, 'postgres', '2026-11-28 17:14:47.247195', 5, true);
INSERT INTO public.flyway_schema_history VALUES (12, '12', 'RadiatorsHaveSeats', 'JDBC', 'roadbreeze.server.job.format.V12__RadiatorsHaveSeats', NULL, 'postgres', '2026-11-28 17:14:47.258826', 2, true);
INSERT INTO public.flyway_schema_history VALUES (13, '13', 'CoolersAcrossAndAway', 'JDBC', 'roadbreeze.server.job.format.V13__CoolersAcrossAndAway', NULL, 'postgres', '2026-11-28 17:14:47.264207', 3, true);
INSERT INTO public.flyway_schema_history VALUES (14, '14', 'BuildsAreWired', 'JDBC', 'roadbreeze.server.job.format.V14__BuildsAreWired', NULL, 'postgres', '2026-11-28 17:14:47.273027', 2, true);
INSERT INTO public.flyway_schema_history VALUES (15, '15', 'WorkIsOrdered', 'JDBC', 'roadbreeze.server.job.format.V15__WorkIsOrdered', NULL, 'postgres', '2026-11-28 17:14:47.28097', 1, true);
INSERT INTO public.flyway_schema_history VALUES (16, '16', 'own tasks', 'SQL', 'V16__own_tasks.sql', 1170295130, 'postgres', '2026-11-28 17:14:47.289034', 5, true);
INSERT INTO public.flyway_schema_history VALUES (17, '17', 'estimates and signed papers', 'SQL', 'V17__estimates_and_signed_papers.sql', -1297019131, 'postgres', '2026-11-28 17:14:47.299715', 6, true);
INSERT INTO public.flyway_schema_history VALUES (18, '18', 'the bay', 'SQL', 'V18__the_bay.sql', 2069675320, 'postgres', '2026-11-28 17:14:47.31079', 11, true);
INSERT INTO public.flyway_schema_history VALUES (19, '19', 'FluidsAreMeasured', 'JDBC', 'roadbreeze.server.job.format.V19__FluidsAreMeasured', NULL, 'postgres', '2026-11-28 17:14:47.329865', 3, true);
INSERT INTO public.flyway_schema_history VALUES (20, '20', 'accounts', 'SQL', 'V20__accounts.sql', 369866715, 'postgres', '2026-11-28 17:14:47.338917', 18, true);
INSERT INTO public.flyway_schema_history VALUES (21, '21', 'ProbesAreHeld', 'JDBC', 'roadbreeze.server.job.format.V21__ProbesAreHeld', NULL, 'postgres', '2026-11-28 17:14:47.370191', 2, true);
INSERT INTO public.flyway_schema_history VALUES (22, '22', 'runs', 'SQL', 'V22__runs.sql', -725331088, 'postgres', '2026-11-28 17:14:47.380552', 18, true);


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 14);
INSERT INTO public.job VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 14);


--
-- Data for Name: job_section; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'about', 0, 0, '2026-11-28 17:17:00.709381+00', '{"name": "Hive utility", "order": null, "notices": [], "archived": null, "complaint": "Runs hot on Long Tallow with a full load of hives; the fan sounds weak."}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'rig', 0, 0, '2026-11-28 17:17:00.709381+00', '{"marks": {"trailer.massKg": "MEASURED", "vehicle.cooling.radiator.depthMm": "MEASURED", "vehicle.cooling.radiator.widthMm": "MEASURED", "vehicle.cooling.radiator.heightMm": "MEASURED"}, "fluids": {"oilL": 11.0, "capAt": "RADIATOR_NECK", "level": "DIPSTICK", "coolantL": 11.4, "levelToC": 90.0, "levelFromC": 70.0}, "ratings": null, "trailer": {"name": "hive trailer", "massKg": 3100.0}, "vehicle": {"kind": "PETROL_UTILITY", "name": "bee-keeper''s flat-bed utility", "engine": {"kind": "PETROL", "idleRpm": null, "torqueNm": [390.0, 490.0, 530.0, 545.0, 525.0, 465.0], "torqueRpm": [1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0], "boostRatio": null, "accessoryKw": 1.5, "condenserKw": 7.0, "airConditioningKw": 3.5, "displacementLitres": 5.6}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "warningC": 115.0, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 2800.0, "cooling": {"capKpa": 100.0, "fanRoom": {"capMm": 26.0, "beltMm": 46.0, "flexMm": null, "hoseMm": 72.0, "bladeMm": 58.0, "bonnetMm": 38.0, "tipTopMm": 14.0, "forwardMm": null, "tipLeftMm": 14.0, "inShroudMm": 34.0, "sidewaysMm": null, "tipRightMm": 13.0, "tipBottomMm": 12.0}, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 520.0, "finsPerInch": 17.0}, "tipGapMm": 12.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 30.0, "depthMm": 16.0, "widthMm": 700.0, "bottomMm": 40.0, "heightMm": 440.0, "finsPerInch": 18.0}, "coreGapMm": 12.0, "fanToCoreMm": 30.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": false, "openingDepthMm": 120.0, "openingWidthMm": 800.0, "ramCoefficient": 0.55, "chargeAirCooler": null, "openingHeightMm": 560.0}, "gearbox": {"bypass": null, "oilKv40": 34.0, "oilKv100": 7.3, "stallRpm": 2300.0, "axleRatio": 3.73, "gearRatios": [3.9, 2.3, 1.5, 1.14, 0.86, 0.68], "highestRpm": 5000.0, "luggingRpm": 1300.0, "oilFlowLpm": 10.0, "spinLossKw": 1.0, "tyreRadiusM": 0.39, "lockAboveKmh": 50.4, "lockFromGear": 3, "stallTorqueNm": 490.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 2.0, "caseWattsPerKelvin": 20.0, "inTankWattsPerKelvin": 320.0}, "dragAreaM2": 3.6, "rollingCoefficient": 0.01}, "electrics": {"loadA": 32.0, "volts": 12.0, "batteryAh": 80.0, "boxSpareA": 25.0, "alternatorA": 140.0}, "traverses": [], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'nose', 0, 0, '2026-11-28 17:17:00.709381+00', '{"holes": [{"id": "upper-left", "name": "upper bar, left", "sort": "THREADED", "upMm": 562.0, "holds": null, "looks": "FORWARD", "backMm": 60.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 90.0, "plusMinusMm": 2.0}, {"id": "upper-right", "name": "upper bar, right", "sort": "THREADED", "upMm": 562.0, "holds": null, "looks": "FORWARD", "backMm": 60.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 670.0, "plusMinusMm": 2.0}, {"id": "lower-left", "name": "crossmember, left", "sort": "THREADED", "upMm": -58.0, "holds": null, "looks": "FORWARD", "backMm": 50.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 90.0, "plusMinusMm": 2.0}, {"id": "lower-right", "name": "crossmember, right", "sort": "THREADED", "upMm": -58.0, "holds": null, "looks": "FORWARD", "backMm": 50.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 670.0, "plusMinusMm": 2.0}, {"id": "post-left", "name": "left post, stud", "sort": "STUD", "upMm": 315.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": -45.0, "plusMinusMm": 2.0}, {"id": "post-right", "name": "right post, stud", "sort": "STUD", "upMm": 315.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": 805.0, "plusMinusMm": 2.0}, {"id": "brace-upper", "name": "brace, upper", "sort": "THREADED", "upMm": 430.0, "holds": null, "looks": "FORWARD", "backMm": 65.0, "freeMm": 10.0, "thread": "M6", "acrossMm": 387.0, "plusMinusMm": 2.0}, {"id": "brace-lower", "name": "brace, lower", "sort": "THREADED", "upMm": 150.0, "holds": null, "looks": "FORWARD", "backMm": 65.0, "freeMm": 10.0, "thread": "M6", "acrossMm": 387.0, "plusMinusMm": 2.0}, {"id": "horn-bolt", "name": "horn bracket", "sort": "THREADED", "upMm": 532.0, "holds": "the horn", "looks": "FORWARD", "backMm": 60.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 685.0, "plusMinusMm": 2.0}], "ports": [{"id": "tank-in", "name": "tank inlet", "upMm": 365.0, "what": "TANK_IN", "looks": "BACKWARD", "rocks": false, "backMm": 200.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "tank-out", "name": "tank outlet", "upMm": 105.0, "what": "TANK_OUT", "looks": "BACKWARD", "rocks": false, "backMm": 200.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "feed-line", "name": "feed line", "upMm": 365.0, "what": "FEED_LINE", "looks": "FORWARD", "rocks": false, "backMm": 263.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}, {"id": "return-line", "name": "return line", "upMm": 105.0, "what": "RETURN_LINE", "looks": "FORWARD", "rocks": false, "backMm": 263.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}], "absent": ["SENSOR", "WINCH"], "photos": [], "solids": [{"id": "edge-left", "box": {"leftMm": -70.0, "depthMm": 90.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -60.0, "heightMm": 640.0}, "move": null, "name": "left side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "edge-right", "box": {"leftMm": 780.0, "depthMm": 90.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -60.0, "heightMm": 640.0}, "move": null, "name": "right side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-upper", "box": {"leftMm": -70.0, "depthMm": 70.0, "frontMm": 60.0, "widthMm": 900.0, "bottomMm": 540.0, "heightMm": 45.0}, "move": null, "name": "upper bar", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-lower", "box": {"leftMm": -110.0, "depthMm": 100.0, "frontMm": 50.0, "widthMm": 980.0, "bottomMm": -95.0, "heightMm": 75.0}, "move": null, "name": "lower crossmember", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "grille", "box": {"leftMm": -45.0, "depthMm": 12.0, "frontMm": -12.0, "widthMm": 850.0, "bottomMm": -35.0, "heightMm": 590.0}, "move": null, "name": "grille", "tube": null, "what": "GRILLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bumper", "box": {"leftMm": -250.0, "depthMm": 100.0, "frontMm": -150.0, "widthMm": 1260.0, "bottomMm": -325.0, "heightMm": 220.0}, "move": null, "name": "bumper", "tube": null, "what": "BUMPER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bonnet", "box": {"leftMm": -200.0, "depthMm": 560.0, "frontMm": -40.0, "widthMm": 1160.0, "bottomMm": 610.0, "heightMm": 4.0}, "move": null, "name": "bonnet", "tube": null, "what": "BONNET", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "latch-cable", "box": null, "move": {"needs": "LONGER_CABLE", "minutes": 20.0}, "name": "latch cable", "tube": {"points": [{"id": "point-1", "upMm": 565.0, "backMm": 50.0, "acrossMm": 400.0}, {"id": "point-2", "upMm": 595.0, "backMm": 80.0, "acrossMm": 530.0}, {"id": "point-3", "upMm": 595.0, "backMm": 90.0, "acrossMm": 750.0}, {"id": "point-4", "upMm": 570.0, "backMm": 180.0, "acrossMm": 855.0}], "diameterMm": 8.0}, "what": "LATCH_CABLE", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "loom", "box": null, "move": {"needs": "LONGER_WIRE", "minutes": 15.0}, "name": "lamp loom", "tube": {"points": [{"id": "point-1", "upMm": 592.0, "backMm": 100.0, "acrossMm": -90.0}, {"id": "point-2", "upMm": 598.0, "backMm": 105.0, "acrossMm": 380.0}, {"id": "point-3", "upMm": 592.0, "backMm": 100.0, "acrossMm": 850.0}], "diameterMm": 14.0}, "what": "LOOM", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-upper", "box": null, "move": null, "name": "condenser line, upper", "tube": {"points": [{"id": "point-1", "upMm": 430.0, "backMm": 128.0, "acrossMm": 742.0}, {"id": "point-2", "upMm": 440.0, "backMm": 153.0, "acrossMm": 798.0}, {"id": "point-3", "upMm": 470.0, "backMm": 308.0, "acrossMm": 845.0}], "diameterMm": 19.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-lower", "box": null, "move": null, "name": "condenser line, lower", "tube": {"points": [{"id": "point-1", "upMm": 100.0, "backMm": 128.0, "acrossMm": 740.0}, {"id": "point-2", "upMm": 90.0, "backMm": 153.0, "acrossMm": 794.0}, {"id": "point-3", "upMm": 70.0, "backMm": 308.0, "acrossMm": 845.0}], "diameterMm": 12.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-upper", "box": null, "move": null, "name": "upper coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 500.0, "backMm": 198.0, "acrossMm": 715.0}, {"id": "point-2", "upMm": 535.0, "backMm": 278.0, "acrossMm": 700.0}, {"id": "point-3", "upMm": 510.0, "backMm": 358.0, "acrossMm": 440.0}], "diameterMm": 46.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-lower", "box": null, "move": null, "name": "lower coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 25.0, "backMm": 198.0, "acrossMm": 45.0}, {"id": "point-2", "upMm": -20.0, "backMm": 268.0, "acrossMm": 60.0}, {"id": "point-3", "upMm": -30.0, "backMm": 358.0, "acrossMm": 260.0}], "diameterMm": 48.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "fan-belt", "box": {"leftMm": 230.0, "depthMm": 30.0, "frontMm": 293.0, "widthMm": 300.0, "bottomMm": 60.0, "heightMm": 400.0}, "move": null, "name": "belt", "tube": null, "what": "BELT", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "engine", "box": {"leftMm": 140.0, "depthMm": 420.0, "frontMm": 338.0, "widthMm": 480.0, "bottomMm": -70.0, "heightMm": 540.0}, "move": null, "name": "engine", "tube": null, "what": "ENGINE", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "duct", "box": null, "move": {"needs": "NEW_BRACKET", "minutes": 30.0}, "name": "intake duct", "tube": {"points": [{"id": "point-1", "upMm": 480.0, "backMm": 80.0, "acrossMm": -115.0}, {"id": "point-2", "upMm": 520.0, "backMm": 248.0, "acrossMm": -120.0}, {"id": "point-3", "upMm": 545.0, "backMm": 398.0, "acrossMm": 20.0}], "diameterMm": 90.0}, "what": "INTAKE_DUCT", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bottle", "box": {"leftMm": 840.0, "depthMm": 130.0, "frontMm": 208.0, "widthMm": 120.0, "bottomMm": 180.0, "heightMm": 230.0}, "move": {"needs": "NEW_BRACKET", "minutes": 20.0}, "name": "coolant bottle", "tube": null, "what": "BOTTLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "battery", "box": {"leftMm": -280.0, "depthMm": 260.0, "frontMm": 248.0, "widthMm": 175.0, "bottomMm": 180.0, "heightMm": 190.0}, "move": null, "name": "battery", "tube": null, "what": "BATTERY", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-left", "box": {"leftMm": -310.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 170.0, "heightMm": 170.0}, "move": null, "name": "left headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-left", "box": {"leftMm": -360.0, "depthMm": 300.0, "frontMm": 298.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "left suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-right", "box": {"leftMm": 850.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 170.0, "heightMm": 170.0}, "move": null, "name": "right headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-right", "box": {"leftMm": 880.0, "depthMm": 300.0, "frontMm": 298.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "right suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "rack", "box": null, "move": null, "name": "steering rack", "tube": {"points": [{"id": "point-1", "upMm": -230.0, "backMm": 398.0, "acrossMm": -170.0}, {"id": "point-2", "upMm": -230.0, "backMm": 398.0, "acrossMm": 930.0}], "diameterMm": 60.0}, "what": "STEERING", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "exhaust", "box": null, "move": null, "name": "exhaust", "tube": {"points": [{"id": "point-1", "upMm": 60.0, "backMm": 498.0, "acrossMm": 650.0}, {"id": "point-2", "upMm": -180.0, "backMm": 558.0, "acrossMm": 670.0}, {"id": "point-3", "upMm": -280.0, "backMm": 758.0, "acrossMm": 680.0}], "diameterMm": 63.0}, "what": "EXHAUST", "round": null, "nature": "HOT", "takesAir": false, "plusMinusMm": 2.0}, {"id": "obstacle-1", "box": {"leftMm": 370.0, "depthMm": 30.0, "frontMm": 65.0, "widthMm": 34.0, "bottomMm": -20.0, "heightMm": 560.0}, "move": null, "name": "latch brace", "tube": null, "what": "BRACE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "obstacle-2", "box": {"leftMm": 640.0, "depthMm": 60.0, "frontMm": 35.0, "widthMm": 90.0, "bottomMm": 430.0, "heightMm": 90.0}, "move": {"needs": "LONGER_WIRE", "minutes": 15.0}, "name": "horn", "tube": null, "what": "HORN", "round": "BACK", "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "latch", "box": {"leftMm": 352.0, "depthMm": 40.0, "frontMm": 25.0, "widthMm": 70.0, "bottomMm": 540.0, "heightMm": 50.0}, "move": null, "name": "bonnet latch", "tube": null, "what": "LATCH", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}], "measures": {"braceMm": 34.0, "latchMm": 0.0, "bonnetMm": 610.0, "bumperTopMm": -105.0, "bumperAheadMm": 150.0}, "radiator": {"own": {"drain": "LEFT", "pinMm": 18.0, "insert": "M6", "capUpMm": 556.0, "fanUpMm": 440.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 536.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": "BACKWARD", "topsBackMm": 20.0, "upperLooks": "BACKWARD", "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 828.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 520.0, "insertDepthMm": 14.0, "lowerAcrossMm": -395.0, "upperAcrossMm": 395.0}, "reach": ["LEFT", "MIDDLE"], "topMm": 540.0, "leftMm": -48.0, "rightMm": 808.0, "bushingMm": 23.0, "lowerHose": {"spring": true, "lengthMm": 510.0, "straightMm": 70.0}, "screwInMm": 11.0, "upperHose": {"spring": false, "lengthMm": 420.0, "straightMm": 85.0}}, "remotePlaces": []}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'haul', 0, 0, '2026-11-28 17:17:00.709381+00', '{"road": "Long Tallow", "heater": null, "journey": {"name": "Long Tallow", "start": {"oilC": 75.0, "engineC": 88.0, "outletTankC": 75.0}, "points": [{"id": "p1", "stop": null, "place": "Harrowmere yard", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 0.0, "elevationM": 600.0, "headwindKmh": 0.0}, {"id": "p2", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 1.2, "elevationM": 602.0, "headwindKmh": 0.0}, {"id": "p3", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 3.5, "elevationM": 596.0, "headwindKmh": 0.0}, {"id": "p4", "stop": null, "place": "Foot of the Tallow", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 6.0, "elevationM": 604.0, "headwindKmh": 0.0}, {"id": "p5", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 7.0, "elevationM": 656.0, "headwindKmh": 0.0}, {"id": "p6", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 8.0, "elevationM": 715.0, "headwindKmh": 0.0}, {"id": "p7", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 9.5, "elevationM": 805.0, "headwindKmh": 0.0}, {"id": "p8", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 11.0, "elevationM": 886.0, "headwindKmh": 0.0}, {"id": "p9", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 12.2, "elevationM": 959.2, "headwindKmh": 0.0}, {"id": "p10", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 55.0, "distanceKm": 13.0, "elevationM": 999.2, "headwindKmh": 0.0}, {"id": "p11", "stop": null, "place": "Long bend", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 13.4, "elevationM": 1011.2, "headwindKmh": 0.0}, {"id": "p12", "stop": null, "place": "Lay-by", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 14.2, "elevationM": 1056.0, "headwindKmh": 0.0}, {"id": "p13", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 15.5, "elevationM": 1134.0, "headwindKmh": 0.0}, {"id": "p14", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 16.8, "elevationM": 1209.4, "headwindKmh": 0.0}, {"id": "p15", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 18.0, "elevationM": 1273.0, "headwindKmh": 0.0}, {"id": "p16", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 19.2, "elevationM": 1343.8, "headwindKmh": 0.0}, {"id": "p17", "stop": {"engine": "IDLE", "minutes": 5.0, "fansDead": false}, "place": "Tallow Top", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 20.0, "elevationM": 1379.0, "headwindKmh": 0.0}, {"id": "p18", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 22.0, "elevationM": 1294.0, "headwindKmh": 0.0}, {"id": "p19", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 24.0, "elevationM": 1189.0, "headwindKmh": 0.0}, {"id": "p20", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 26.5, "elevationM": 1049.0, "headwindKmh": 0.0}, {"id": "p21", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 28.5, "elevationM": 959.0, "headwindKmh": 0.0}, {"id": "p22", "stop": null, "place": "Harrow Bridge", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 30.0, "elevationM": 924.0, "headwindKmh": 0.0}], "changes": [], "coldestC": 22.0, "hottestC": 38.0, "departureHour": 15.0}, "ambientC": 38.0, "holdGear": null, "speedKmh": 75.0, "altitudeM": 600.0, "gradePercent": 6.0, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'checks', 0, 0, '2026-11-28 17:17:00.709381+00', '{"needle": [], "moments": [{"id": "climb", "panC": 121.0, "readBy": "READER", "ambientC": 31.0, "coolantC": 117.0, "speedKmh": 75.0, "needlePlace": null, "gradePercent": 6.0, "airConditioning": true}, {"id": "flat", "panC": 77.0, "readBy": "READER", "ambientC": 31.0, "coolantC": 93.0, "speedKmh": 80.0, "needlePlace": null, "gradePercent": 0.0, "airConditioning": true}], "readings": [{"at": "2026-05-12T07:40:00Z", "by": "Ines", "id": "reading-1", "tool": "refractometer", "after": false, "check": "COOLANT", "choices": {"COOLANT_LOOKS": "CLEAR"}, "numbers": {"STRENGTH": [50.0]}}, {"at": "2026-05-12T07:55:00Z", "by": "Ines", "id": "reading-2", "tool": "pump tester", "after": false, "check": "CAP", "choices": {"CAP_SEAL": "CLEAN"}, "numbers": {"CAP_HELD": [100.0]}}, {"at": "2026-05-12T08:20:00Z", "by": "Ines", "id": "reading-3", "tool": "fused lead, clamp meter", "after": false, "check": "FAN_FED", "choices": {"FED_WAY": "RIGHT_WAY", "FED_TURNS": "YES", "TURNS_FREE": "YES"}, "numbers": {"FED_CURRENT": [11.8], "PLATE_CURRENT": [24.0]}}], "complaint": {"FAN_ALWAYS": false, "SLOW_TO_WARM": false, "HOT_ON_CLIMBS": true, "LOSES_COOLANT": false}}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'build/found', 0, 0, '2026-11-28 17:17:00.709381+00', '{"id": "found", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 70.0, "switchPoints": {"onC": 98.0, "offC": 93.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "AS_FOUND", "name": "As found", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [], "guards": [], "devices": []}, "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'build/restored', 0, 1, '2026-11-28 17:17:00.709381+00', '{"id": "restored", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "RESTORED", "name": "Restored", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [], "guards": [], "devices": []}, "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('b3b0bce6-257e-4528-ae1b-3b4d78846cc5', 'build/plan-3', 0, 2, '2026-11-28 17:17:00.709381+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "ELECTRIC", "name": "Electric fan 480, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 500.0, "diameterMm": 480.0, "gripsFromC": null, "freeFlowM3s": 2.8, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 60.0, "widthMm": 640.0, "bottomMm": 0.0, "heightMm": 520.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "PLAN", "name": "Plan A", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": {"at": "cooler-1", "side": "IN", "elbow": "DOWN", "adapter": null}, "from": {"at": "tank-out", "side": null, "elbow": "DOWN", "adapter": {"to": "quick connector", "code": "AD-9-Q", "from": "3/8 in barb", "loss": 1.5, "name": "3/8 in barb to quick connector", "price": 14.0, "boreMm": 8.0}}, "name": "tank outlet to cooler inlet", "bends": [{"id": "bend-1", "upMm": -117.0, "backMm": 228.0, "acrossMm": -22.0, "radiusMm": 57.0}, {"id": "bend-2", "upMm": -117.0, "backMm": 22.0, "acrossMm": -22.0, "radiusMm": 57.0}, {"id": "bend-3", "upMm": -117.0, "backMm": 22.0, "acrossMm": 128.0, "radiusMm": 57.0}, {"id": "bend-4", "upMm": 21.6, "backMm": 22.0, "acrossMm": 128.0, "radiusMm": 57.0}, {"id": "bend-5", "upMm": 263.8, "backMm": 40.0, "acrossMm": 70.0, "radiusMm": 57.0}], "clips": [{"id": "clip-1", "atMm": 247.0}, {"id": "clip-2", "atMm": 485.0}, {"id": "clip-3", "atMm": 688.0}], "stock": {"code": "HO-9", "name": "Gearbox oil hose, 3/8 in", "price": 10.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 2100.0, "outsideMm": 17.0, "minRadiusMm": 57.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 0.92, "adapters": 2}, {"id": "hose-2", "to": {"at": "return-line", "side": null, "elbow": "LEFT", "adapter": {"to": "3/8 in tube", "code": "AD-9-9", "from": "3/8 in barb", "loss": 1.0, "name": "3/8 in barb to 3/8 in tube", "price": 4.0, "boreMm": 8.5}}, "from": {"at": "cooler-1", "side": "OUT", "elbow": "DOWN", "adapter": null}, "name": "cooler outlet to return line", "bends": [{"id": "bend-1", "upMm": -140.5, "backMm": 22.0, "acrossMm": 310.0, "radiusMm": 57.0}, {"id": "bend-2", "upMm": -140.5, "backMm": 22.0, "acrossMm": -182.0, "radiusMm": 57.0}, {"id": "bend-3", "upMm": 105.0, "backMm": 235.0, "acrossMm": -182.0, "radiusMm": 57.0}], "clips": [{"id": "clip-1", "atMm": 267.0}, {"id": "clip-2", "atMm": 533.0}, {"id": "clip-3", "atMm": 800.0}, {"id": "clip-4", "atMm": 1067.0}], "stock": {"code": "HO-9", "name": "Gearbox oil hose, 3/8 in", "price": 10.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 2100.0, "outsideMm": 17.0, "minRadiusMm": 57.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 1.33, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [{"id": "extra-1", "onC": 120.0, "amps": 0.2, "name": "oil gauge", "what": "GAUGE", "sensor": "GEARBOX"}], "guards": [], "devices": [{"by": "RELAY", "id": "extra-1", "air": "REQUEST", "amps": null, "earth": "BODY", "fullC": null, "keyed": true, "probe": {"toC": 170.0, "code": "SE-O-12", "name": "Oil sender, 12 mm", "fromC": -40.0, "price": 19.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": null}, "delayS": 0.0, "driver": false, "school": "THERMAL_SWITCH", "adapter": null, "oneWire": true, "swapped": false, "switchAt": "DASH", "otherSide": false, "adjusterAt": "BOX", "bladesTurned": false}, {"by": "RELAY", "id": "fan-1", "air": "REQUEST", "amps": 22.0, "earth": "BODY", "fullC": null, "keyed": true, "probe": null, "delayS": 0.0, "driver": true, "school": "COMPUTER_LOW", "adapter": null, "oneWire": false, "swapped": false, "switchAt": "DASH", "otherSide": false, "adjusterAt": "BOX", "bladesTurned": false}]}, "coolers": [{"id": "cooler-1", "part": {"code": "SP-280-190", "name": "Stacked plate 280×190×32", "ports": "3/8 in barb", "price": 165.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": null, "widthMm": 280.0, "earsUpMm": null, "heightMm": 190.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": null, "portsLook": "FORWARD", "earsBackMm": null, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": null}, "turn": "AS_DRAWN", "gapMm": 20.0, "place": "FRONT", "leftMm": 50.0, "sealed": true, "bottomMm": 250.0, "ownFanM3s": null, "remotePlace": null, "ownFanSwitch": null, "portsSwapped": false, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [{"id": "bracket-upper-left", "tie": {"hole": "post-left", "cooler": "cooler-1", "corner": "UPPER_LEFT"}, "name": "upper left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 25.85, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 34.85}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 82.43}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 34.85}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}, {"id": "bracket-upper-right", "tie": {"hole": "brace-upper", "cooler": "cooler-1", "corner": "UPPER_RIGHT"}, "name": "upper right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 13.4, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 22.4}, {"id": "step-2", "kind": "BEND", "degrees": 90.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 7.9}, {"id": "step-4", "kind": "BEND", "degrees": -90.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 22.4}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}, {"id": "bracket-lower-left", "tie": {"hole": "lower-left", "cooler": "cooler-1", "corner": "LOWER_LEFT"}, "name": "lower left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 138.07, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 9.0}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 145.87}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 62.43}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 150.34}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}, {"id": "bracket-lower-right", "tie": {"hole": "brace-lower", "cooler": "cooler-1", "corner": "LOWER_RIGHT"}, "name": "lower right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 46.06, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 55.06}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 32.43}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 55.06}], "tabMm": 0.0, "widthMm": 25.0, "quantity": 1, "thicknessMm": 3.2, "insideRadiusMm": 3.2}], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'about', 0, 0, '2026-11-28 17:17:01.400173+00', '{"name": "Tilt-tray", "order": null, "notices": [], "archived": null, "complaint": "Carries a van over Long Tallow in summer; the gauge creeps up and the air conditioning cuts out."}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'rig', 0, 0, '2026-11-28 17:17:01.400173+00', '{"marks": {"vehicle.gearbox.oilFlowLpm": "DEFAULT", "vehicle.cooling.pumpKgsAt4000": "DEFAULT", "vehicle.gearbox.inTankWattsPerKelvin": "DEFAULT"}, "fluids": {"oilL": 17.0, "capAt": "HEADER_TANK", "level": "OVERFLOW", "coolantL": 24.0, "levelToC": 45.0, "levelFromC": 35.0}, "ratings": null, "trailer": {"name": "van on the tray", "massKg": 2100.0}, "vehicle": {"kind": "MEDIUM_DIESEL", "name": "tilt-tray recovery truck", "engine": {"kind": "BOOSTED_DIESEL", "idleRpm": null, "torqueNm": [430.0, 545.0, 575.0, 570.0, 530.0, 450.0], "torqueRpm": [1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0], "boostRatio": 2.3, "accessoryKw": 2.0, "condenserKw": 6.0, "airConditioningKw": 3.0, "displacementLitres": 5.2}, "limits": {"panC": 107.0, "feedC": 150.0, "coolantC": 112.0, "warningC": null, "belowBoilingK": 8.0, "overcooledPanC": 60.0}, "massKg": 6200.0, "cooling": {"capKpa": 110.0, "fanRoom": {"capMm": 28.0, "beltMm": 30.0, "flexMm": null, "hoseMm": 58.0, "bladeMm": 80.0, "bonnetMm": 40.0, "tipTopMm": 15.0, "forwardMm": null, "tipLeftMm": 15.0, "inShroudMm": 46.0, "sidewaysMm": null, "tipRightMm": 14.0, "tipBottomMm": 13.0}, "radiator": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 40.0, "widthMm": 760.0, "bottomMm": 0.0, "heightMm": 560.0, "finsPerInch": 13.0}, "tipGapMm": 15.0, "condenser": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 60.0, "depthMm": 18.0, "widthMm": 600.0, "bottomMm": 60.0, "heightMm": 400.0, "finsPerInch": 16.0}, "coreGapMm": 15.0, "fanToCoreMm": 35.0, "glycolShare": 0.5, "pumpKgsAt4000": 3.6, "chargeAirFirst": true, "openingDepthMm": 140.0, "openingWidthMm": 880.0, "ramCoefficient": 0.5, "chargeAirCooler": {"metal": "ALUMINIUM", "tubes": null, "leftMm": 0.0, "depthMm": 56.0, "widthMm": 760.0, "bottomMm": 40.0, "heightMm": 480.0, "finsPerInch": 11.0}, "openingHeightMm": 640.0}, "gearbox": {"bypass": null, "oilKv40": 29.5, "oilKv100": 5.6, "stallRpm": 1900.0, "axleRatio": 4.3, "gearRatios": [3.54, 1.9, 1.35, 1.0, 0.74, 0.62], "highestRpm": 2800.0, "luggingRpm": 1200.0, "oilFlowLpm": 12.0, "spinLossKw": 1.2, "tyreRadiusM": 0.38, "lockAboveKmh": 32.0, "lockFromGear": 2, "stallTorqueNm": 520.0, "axleEfficiency": 0.965, "meshEfficiency": 0.97, "stallTorqueRatio": 1.9, "caseWattsPerKelvin": 28.0, "inTankWattsPerKelvin": 340.0}, "dragAreaM2": 6.2, "rollingCoefficient": 0.01}, "electrics": {"loadA": 38.0, "volts": 12.0, "batteryAh": 95.0, "boxSpareA": null, "alternatorA": 150.0}, "traverses": [], "foundLines": {"loss": 5.0, "coldC": -10.0, "boreMm": 9.5, "lengthM": 2.4, "pumpMaxKpa": 420.0}}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'nose', 0, 0, '2026-11-28 17:17:01.400173+00', '{"holes": [{"id": "upper-left", "name": "upper bar, left", "sort": "THREADED", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 50.0, "plusMinusMm": 2.0}, {"id": "upper-right", "name": "upper bar, right", "sort": "THREADED", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 710.0, "plusMinusMm": 2.0}, {"id": "upper-second", "name": "upper bar, second from left", "sort": "PLAIN", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 0.0, "thread": "M8", "acrossMm": 170.0, "plusMinusMm": 2.0}, {"id": "upper-third", "name": "upper bar, third from left", "sort": "PLAIN", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 0.0, "thread": "M8", "acrossMm": 290.0, "plusMinusMm": 2.0}, {"id": "upper-fourth", "name": "upper bar, fourth from left", "sort": "PLAIN", "upMm": 622.0, "holds": null, "looks": "FORWARD", "backMm": 80.0, "freeMm": 0.0, "thread": "M8", "acrossMm": 470.0, "plusMinusMm": 2.0}, {"id": "lower-left", "name": "crossmember, left", "sort": "THREADED", "upMm": -78.0, "holds": null, "looks": "FORWARD", "backMm": 70.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 50.0, "plusMinusMm": 2.0}, {"id": "lower-right", "name": "crossmember, right", "sort": "THREADED", "upMm": -78.0, "holds": null, "looks": "FORWARD", "backMm": 70.0, "freeMm": 12.0, "thread": "M8", "acrossMm": 710.0, "plusMinusMm": 2.0}, {"id": "post-left", "name": "left post, stud", "sort": "STUD", "upMm": 345.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": -85.0, "plusMinusMm": 2.0}, {"id": "post-right", "name": "right post, stud", "sort": "STUD", "upMm": 345.0, "holds": null, "looks": "FORWARD", "backMm": 40.0, "freeMm": 18.0, "thread": "M6", "acrossMm": 845.0, "plusMinusMm": 2.0}], "ports": [{"id": "tank-in", "name": "tank inlet", "upMm": 390.0, "what": "TANK_IN", "looks": "BACKWARD", "rocks": false, "backMm": 296.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "tank-out", "name": "tank outlet", "upMm": 110.0, "what": "TANK_OUT", "looks": "BACKWARD", "rocks": false, "backMm": 296.0, "boreMm": 9.5, "fitting": "QUICK_CONNECTOR", "acrossMm": -22.0, "plusMinusMm": 2.0}, {"id": "feed-line", "name": "feed line", "upMm": 390.0, "what": "FEED_LINE", "looks": "FORWARD", "rocks": false, "backMm": 359.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}, {"id": "return-line", "name": "return line", "upMm": 110.0, "what": "RETURN_LINE", "looks": "FORWARD", "rocks": false, "backMm": 359.0, "boreMm": 9.5, "fitting": "PLAIN_TUBE", "acrossMm": -22.0, "plusMinusMm": 5.0}], "absent": ["BRACE", "HORN", "SENSOR", "WINCH"], "photos": [], "solids": [{"id": "edge-left", "box": {"leftMm": -110.0, "depthMm": 110.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -80.0, "heightMm": 720.0}, "move": null, "name": "left side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "edge-right", "box": {"leftMm": 820.0, "depthMm": 110.0, "frontMm": 40.0, "widthMm": 50.0, "bottomMm": -80.0, "heightMm": 720.0}, "move": null, "name": "right side of the opening", "tube": null, "what": "OPENING_EDGE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-upper", "box": {"leftMm": -110.0, "depthMm": 70.0, "frontMm": 80.0, "widthMm": 980.0, "bottomMm": 600.0, "heightMm": 45.0}, "move": null, "name": "upper bar", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bar-lower", "box": {"leftMm": -150.0, "depthMm": 100.0, "frontMm": 70.0, "widthMm": 1060.0, "bottomMm": -115.0, "heightMm": 75.0}, "move": null, "name": "lower crossmember", "tube": null, "what": "CROSSMEMBER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "grille", "box": {"leftMm": -85.0, "depthMm": 12.0, "frontMm": -12.0, "widthMm": 930.0, "bottomMm": -55.0, "heightMm": 670.0}, "move": null, "name": "grille", "tube": null, "what": "GRILLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bumper", "box": {"leftMm": -290.0, "depthMm": 100.0, "frontMm": -170.0, "widthMm": 1340.0, "bottomMm": -320.0, "heightMm": 220.0}, "move": null, "name": "bumper", "tube": null, "what": "BUMPER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bonnet", "box": {"leftMm": -240.0, "depthMm": 560.0, "frontMm": -40.0, "widthMm": 1240.0, "bottomMm": 690.0, "heightMm": 4.0}, "move": null, "name": "bonnet", "tube": null, "what": "BONNET", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "latch-cable", "box": null, "move": {"needs": "LONGER_CABLE", "minutes": 20.0}, "name": "latch cable", "tube": {"points": [{"id": "point-1", "upMm": 625.0, "backMm": 70.0, "acrossMm": 400.0}, {"id": "point-2", "upMm": 655.0, "backMm": 100.0, "acrossMm": 530.0}, {"id": "point-3", "upMm": 655.0, "backMm": 110.0, "acrossMm": 790.0}, {"id": "point-4", "upMm": 630.0, "backMm": 200.0, "acrossMm": 895.0}], "diameterMm": 8.0}, "what": "LATCH_CABLE", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "loom", "box": null, "move": {"needs": "LONGER_WIRE", "minutes": 15.0}, "name": "lamp loom", "tube": {"points": [{"id": "point-1", "upMm": 652.0, "backMm": 120.0, "acrossMm": -130.0}, {"id": "point-2", "upMm": 658.0, "backMm": 125.0, "acrossMm": 380.0}, {"id": "point-3", "upMm": 652.0, "backMm": 120.0, "acrossMm": 890.0}], "diameterMm": 14.0}, "what": "LOOM", "round": null, "nature": "WIRE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-upper", "box": null, "move": null, "name": "condenser line, upper", "tube": {"points": [{"id": "point-1", "upMm": 410.0, "backMm": 220.0, "acrossMm": 672.0}, {"id": "point-2", "upMm": 420.0, "backMm": 245.0, "acrossMm": 838.0}, {"id": "point-3", "upMm": 450.0, "backMm": 404.0, "acrossMm": 885.0}], "diameterMm": 19.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "ac-line-lower", "box": null, "move": null, "name": "condenser line, lower", "tube": {"points": [{"id": "point-1", "upMm": 120.0, "backMm": 220.0, "acrossMm": 670.0}, {"id": "point-2", "upMm": 110.0, "backMm": 245.0, "acrossMm": 834.0}, {"id": "point-3", "upMm": 90.0, "backMm": 404.0, "acrossMm": 885.0}], "diameterMm": 12.0}, "what": "CONDENSER_LINE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-upper", "box": null, "move": null, "name": "upper coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 540.0, "backMm": 294.0, "acrossMm": 715.0}, {"id": "point-2", "upMm": 575.0, "backMm": 374.0, "acrossMm": 700.0}, {"id": "point-3", "upMm": 550.0, "backMm": 459.0, "acrossMm": 440.0}], "diameterMm": 46.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "hose-lower", "box": null, "move": null, "name": "lower coolant hose", "tube": {"points": [{"id": "point-1", "upMm": 25.0, "backMm": 294.0, "acrossMm": 45.0}, {"id": "point-2", "upMm": -20.0, "backMm": 364.0, "acrossMm": 60.0}, {"id": "point-3", "upMm": -30.0, "backMm": 459.0, "acrossMm": 260.0}], "diameterMm": 48.0}, "what": "COOLANT_HOSE", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "fan-belt", "box": {"leftMm": 230.0, "depthMm": 30.0, "frontMm": 394.0, "widthMm": 300.0, "bottomMm": 60.0, "heightMm": 400.0}, "move": null, "name": "belt", "tube": null, "what": "BELT", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "engine", "box": {"leftMm": 120.0, "depthMm": 420.0, "frontMm": 439.0, "widthMm": 520.0, "bottomMm": -70.0, "heightMm": 620.0}, "move": null, "name": "engine", "tube": null, "what": "ENGINE", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "duct", "box": null, "move": {"needs": "NEW_BRACKET", "minutes": 30.0}, "name": "intake duct", "tube": {"points": [{"id": "point-1", "upMm": 540.0, "backMm": 100.0, "acrossMm": -155.0}, {"id": "point-2", "upMm": 580.0, "backMm": 344.0, "acrossMm": -160.0}, {"id": "point-3", "upMm": 605.0, "backMm": 499.0, "acrossMm": -20.0}], "diameterMm": 90.0}, "what": "INTAKE_DUCT", "round": null, "nature": "HOSE", "takesAir": false, "plusMinusMm": 2.0}, {"id": "bottle", "box": {"leftMm": 880.0, "depthMm": 130.0, "frontMm": 304.0, "widthMm": 120.0, "bottomMm": 180.0, "heightMm": 230.0}, "move": {"needs": "NEW_BRACKET", "minutes": 20.0}, "name": "coolant bottle", "tube": null, "what": "BOTTLE", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "battery", "box": {"leftMm": -320.0, "depthMm": 260.0, "frontMm": 344.0, "widthMm": 175.0, "bottomMm": 180.0, "heightMm": 190.0}, "move": null, "name": "battery", "tube": null, "what": "BATTERY", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-left", "box": {"leftMm": -350.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 150.0, "heightMm": 170.0}, "move": null, "name": "left headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-left", "box": {"leftMm": -400.0, "depthMm": 300.0, "frontMm": 399.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "left suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "lamp-right", "box": {"leftMm": 890.0, "depthMm": 190.0, "frontMm": 20.0, "widthMm": 220.0, "bottomMm": 150.0, "heightMm": 170.0}, "move": null, "name": "right headlamp", "tube": null, "what": "LAMP", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "arm-right", "box": {"leftMm": 920.0, "depthMm": 300.0, "frontMm": 399.0, "widthMm": 240.0, "bottomMm": -390.0, "heightMm": 330.0}, "move": null, "name": "right suspension, its travel", "tube": null, "what": "SUSPENSION", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "rack", "box": null, "move": null, "name": "steering rack", "tube": {"points": [{"id": "point-1", "upMm": -230.0, "backMm": 499.0, "acrossMm": -210.0}, {"id": "point-2", "upMm": -230.0, "backMm": 499.0, "acrossMm": 970.0}], "diameterMm": 60.0}, "what": "STEERING", "round": null, "nature": "MOVING", "takesAir": false, "plusMinusMm": 2.0}, {"id": "exhaust", "box": null, "move": null, "name": "exhaust", "tube": {"points": [{"id": "point-1", "upMm": 60.0, "backMm": 599.0, "acrossMm": 650.0}, {"id": "point-2", "upMm": -180.0, "backMm": 659.0, "acrossMm": 670.0}, {"id": "point-3", "upMm": -280.0, "backMm": 859.0, "acrossMm": 680.0}], "diameterMm": 63.0}, "what": "EXHAUST", "round": null, "nature": "HOT", "takesAir": false, "plusMinusMm": 2.0}, {"id": "tow-left", "box": {"leftMm": 0.0, "depthMm": 150.0, "frontMm": -120.0, "widthMm": 50.0, "bottomMm": -110.0, "heightMm": 50.0}, "move": null, "name": "left tow eye", "tube": null, "what": "OTHER", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}, {"id": "obstacle-1", "box": {"leftMm": 350.0, "depthMm": 50.0, "frontMm": 40.0, "widthMm": 80.0, "bottomMm": 520.0, "heightMm": 70.0}, "move": null, "name": "bonnet latch", "tube": null, "what": "LATCH", "round": null, "nature": "METAL", "takesAir": false, "plusMinusMm": 2.0}], "measures": {"braceMm": 0.0, "latchMm": 80.0, "bonnetMm": 690.0, "bumperTopMm": -100.0, "bumperAheadMm": 170.0}, "radiator": {"own": {"drain": "LEFT", "pinMm": 18.0, "insert": "M6", "capUpMm": 596.0, "fanUpMm": 480.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 576.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 512.0, "fanApartMm": 796.0, "lowerLooks": "BACKWARD", "topsBackMm": 20.0, "upperLooks": "BACKWARD", "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 828.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 560.0, "insertDepthMm": 14.0, "lowerAcrossMm": -395.0, "upperAcrossMm": 395.0}, "reach": ["LEFT", "RIGHT"], "topMm": 600.0, "leftMm": -50.0, "rightMm": 810.0, "bushingMm": 23.0, "lowerHose": {"spring": true, "lengthMm": 620.0, "straightMm": 80.0}, "screwInMm": 11.0, "upperHose": {"spring": false, "lengthMm": 480.0, "straightMm": 90.0}}, "remotePlaces": []}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'haul', 0, 0, '2026-11-28 17:17:01.400173+00', '{"road": "Long Tallow", "heater": null, "journey": {"name": "Long Tallow", "start": {"oilC": 75.0, "engineC": 88.0, "outletTankC": 75.0}, "points": [{"id": "p1", "stop": null, "place": "Harrowmere yard", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 0.0, "elevationM": 600.0, "headwindKmh": 0.0}, {"id": "p2", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 1.2, "elevationM": 602.0, "headwindKmh": 0.0}, {"id": "p3", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 80.0, "distanceKm": 3.5, "elevationM": 596.0, "headwindKmh": 0.0}, {"id": "p4", "stop": null, "place": "Foot of the Tallow", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 6.0, "elevationM": 604.0, "headwindKmh": 0.0}, {"id": "p5", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 7.0, "elevationM": 656.0, "headwindKmh": 0.0}, {"id": "p6", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 8.0, "elevationM": 715.0, "headwindKmh": 0.0}, {"id": "p7", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 9.5, "elevationM": 805.0, "headwindKmh": 0.0}, {"id": "p8", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 11.0, "elevationM": 886.0, "headwindKmh": 0.0}, {"id": "p9", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 12.2, "elevationM": 959.2, "headwindKmh": 0.0}, {"id": "p10", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 55.0, "distanceKm": 13.0, "elevationM": 999.2, "headwindKmh": 0.0}, {"id": "p11", "stop": null, "place": "Long bend", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 13.4, "elevationM": 1011.2, "headwindKmh": 0.0}, {"id": "p12", "stop": null, "place": "Lay-by", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 14.2, "elevationM": 1056.0, "headwindKmh": 0.0}, {"id": "p13", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 15.5, "elevationM": 1134.0, "headwindKmh": 0.0}, {"id": "p14", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 16.8, "elevationM": 1209.4, "headwindKmh": 0.0}, {"id": "p15", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 18.0, "elevationM": 1273.0, "headwindKmh": 0.0}, {"id": "p16", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 75.0, "distanceKm": 19.2, "elevationM": 1343.8, "headwindKmh": 0.0}, {"id": "p17", "stop": {"engine": "IDLE", "minutes": 5.0, "fansDead": false}, "place": "Tallow Top", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 20.0, "elevationM": 1379.0, "headwindKmh": 0.0}, {"id": "p18", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 22.0, "elevationM": 1294.0, "headwindKmh": 0.0}, {"id": "p19", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 24.0, "elevationM": 1189.0, "headwindKmh": 0.0}, {"id": "p20", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 60.0, "distanceKm": 26.5, "elevationM": 1049.0, "headwindKmh": 0.0}, {"id": "p21", "stop": null, "place": "", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 28.5, "elevationM": 959.0, "headwindKmh": 0.0}, {"id": "p22", "stop": null, "place": "Harrow Bridge", "surface": "ASPHALT", "ambientC": null, "speedKmh": 50.0, "distanceKm": 30.0, "elevationM": 924.0, "headwindKmh": 0.0}], "changes": [], "coldestC": 22.0, "hottestC": 38.0, "departureHour": 15.0}, "ambientC": 40.0, "holdGear": null, "speedKmh": 60.0, "altitudeM": 600.0, "gradePercent": 5.5, "airConditioning": true}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'checks', 0, 0, '2026-11-28 17:17:01.400173+00', '{"needle": [{"id": "needle-1", "place": 50.0, "celsius": 90.0}, {"id": "needle-2", "place": 70.0, "celsius": 105.0}, {"id": "needle-3", "place": 90.0, "celsius": 122.0}], "moments": [{"id": "climb", "panC": null, "readBy": "NEEDLE", "ambientC": 33.0, "coolantC": null, "speedKmh": 55.0, "needlePlace": 80.0, "gradePercent": 5.5, "airConditioning": true}], "readings": [{"at": "2026-06-02T06:50:00Z", "by": "Tomas", "id": "reading-1", "tool": "lamp", "after": false, "check": "RADIATOR_FACE", "choices": {}, "numbers": {"BLOCKED": [0.0, 0.0, 25.0, 0.0, 25.0, 25.0, 25.0, 50.0, 30.0]}}], "complaint": {"ONLY_OIL": false, "HOT_ON_CLIMBS": true, "LOSES_COOLANT": false}}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'build/found', 0, 0, '2026-11-28 17:17:01.400173+00', '{"id": "found", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 85.0, "switchPoints": {"onC": 98.0, "offC": 93.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "AS_FOUND", "name": "As found", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [], "guards": [], "devices": []}, "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.1, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 20.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'build/restored', 0, 1, '2026-11-28 17:17:01.400173+00', '{"id": "restored", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "RESTORED", "name": "Restored", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [], "guards": [], "devices": []}, "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'build/plan-3', 0, 2, '2026-11-28 17:17:01.400173+00', '{"id": "plan-3", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "PLAN", "name": "Plan A", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": {"at": "cooler-1", "side": "IN", "elbow": "LEFT", "adapter": null}, "from": {"at": "tank-out", "side": null, "elbow": "UP", "adapter": {"to": "quick connector", "code": "AD-12-Q", "from": "1/2 in barb", "loss": 1.5, "name": "1/2 in barb to quick connector", "price": 17.0, "boreMm": 11.0}}, "name": "tank outlet to cooler inlet", "bends": [{"id": "bend-1", "upMm": 476.3, "backMm": 324.0, "acrossMm": -22.0, "radiusMm": 76.0}, {"id": "bend-2", "upMm": 476.3, "backMm": 69.0, "acrossMm": -22.0, "radiusMm": 76.0}], "clips": [{"id": "clip-1", "atMm": 256.0}, {"id": "clip-2", "atMm": 513.0}, {"id": "clip-3", "atMm": 769.0}], "stock": {"code": "HO-12", "name": "Gearbox oil hose, 1/2 in", "price": 14.0, "rollM": 7.5, "boreMm": 12.7, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1700.0, "outsideMm": 20.5, "minRadiusMm": 76.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": {"at": "return-line", "side": null, "elbow": null, "adapter": {"to": "1/2 in tube", "code": "AD-12-12", "from": "1/2 in barb", "loss": 1.0, "name": "1/2 in barb to 1/2 in tube", "price": 6.0, "boreMm": 11.5}}, "from": {"at": "cooler-1", "side": "OUT", "elbow": "LEFT", "adapter": null}, "name": "cooler outlet to return line", "bends": [{"id": "bend-1", "upMm": 75.0, "backMm": 69.0, "acrossMm": 338.6, "radiusMm": 76.0}, {"id": "bend-2", "upMm": 110.0, "backMm": 36.3, "acrossMm": 131.2, "radiusMm": 76.0}, {"id": "bend-3", "upMm": 110.0, "backMm": 36.3, "acrossMm": -22.0, "radiusMm": 76.0}], "clips": [{"id": "clip-1", "atMm": 250.0}, {"id": "clip-2", "atMm": 500.0}], "stock": {"code": "HO-12", "name": "Gearbox oil hose, 1/2 in", "price": 14.0, "rollM": 7.5, "boreMm": 12.7, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1700.0, "outsideMm": 20.5, "minRadiusMm": 76.0}, "boreMm": 9.5, "elbows": 0, "guards": [], "lengthM": 1.1, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [{"id": "extra-1", "onC": 120.0, "amps": 0.2, "name": "oil gauge", "what": "GAUGE", "sensor": "GEARBOX"}, {"id": "extra-2", "onC": 125.0, "amps": 0.2, "name": "oil warning lamp", "what": "WARNING_LAMP", "sensor": "GEARBOX"}], "guards": [], "devices": [{"by": "RELAY", "id": "extra-1", "air": "REQUEST", "amps": null, "earth": "BODY", "fullC": null, "keyed": true, "probe": {"toC": 170.0, "code": "SE-O-12", "name": "Oil sender, 12 mm", "fromC": -40.0, "price": 19.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": null}, "delayS": 0.0, "driver": false, "school": "THERMAL_SWITCH", "adapter": null, "oneWire": true, "swapped": false, "switchAt": "DASH", "otherSide": false, "adjusterAt": "BOX", "bladesTurned": false}, {"by": "RELAY", "id": "extra-2", "air": "REQUEST", "amps": null, "earth": "BODY", "fullC": null, "keyed": true, "probe": {"toC": 170.0, "code": "SW-O-125", "name": "Oil switch, 125 °C", "fromC": -40.0, "price": 26.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": 125.0}, "delayS": 0.0, "driver": false, "school": "THERMAL_SWITCH", "adapter": null, "oneWire": true, "swapped": false, "switchAt": "DASH", "otherSide": false, "adjusterAt": "BOX", "bladesTurned": false}]}, "coolers": [{"id": "cooler-1", "part": {"code": "SP-300-200", "name": "Stacked plate 300×200×38", "ports": "1/2 in barb", "price": 196.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 2.28, "widthMm": 300.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 344.0}, "turn": "AS_DRAWN", "gapMm": 5.0, "place": "FRONT", "leftMm": 180.0, "sealed": true, "bottomMm": -25.0, "ownFanM3s": null, "remotePlace": null, "ownFanSwitch": null, "portsSwapped": false, "ratingFactor": 1.0}], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [{"id": "bracket-upper-left", "tie": {"hole": "post-left", "cooler": "cooler-1", "corner": "UPPER_LEFT"}, "name": "upper left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 94.63, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 103.63}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 128.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 103.63}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}, {"id": "bracket-upper-right", "tie": {"hole": "post-right", "cooler": "cooler-1", "corner": "UPPER_RIGHT"}, "name": "upper right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 136.45, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 145.45}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 128.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 145.45}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}, {"id": "bracket-lower-left", "tie": {"hole": "lower-left", "cooler": "cooler-1", "corner": "LOWER_LEFT"}, "name": "lower left bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 32.16, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 9.0}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 39.96}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 68.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 44.43}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}, {"id": "bracket-lower-right", "tie": {"hole": "lower-right", "cooler": "cooler-1", "corner": "LOWER_RIGHT"}, "name": "lower right bracket", "holes": [{"id": "hole-1", "leg": "step-1", "atMm": 9.0, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 6.6}, {"id": "hole-2", "leg": "step-5", "atMm": 77.2, "slotMm": 0.0, "acrossMm": 0.0, "diameterMm": 9.0}], "metal": "STEEL", "steps": [{"id": "step-1", "kind": "LEG", "degrees": 0.0, "lengthMm": 85.0}, {"id": "step-2", "kind": "BEND", "degrees": 30.0, "lengthMm": 0.0}, {"id": "step-3", "kind": "LEG", "degrees": 0.0, "lengthMm": 68.98}, {"id": "step-4", "kind": "BEND", "degrees": -30.0, "lengthMm": 0.0}, {"id": "step-5", "kind": "LEG", "degrees": 0.0, "lengthMm": 89.47}], "tabMm": 0.0, "widthMm": 30.0, "quantity": 1, "thicknessMm": 5.0, "insideRadiusMm": 5.0}], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 8.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": null, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');
INSERT INTO public.job_section VALUES ('4f264db1-951d-4a69-80cd-483945e3bf14', 'build/plan-4', 0, 3, '2026-11-28 17:17:01.400173+00', '{"id": "plan-4", "fans": [{"id": "fan-1", "held": false, "part": {"amps": null, "code": "AS-FITTED", "kind": "VISCOUS", "name": "Viscous fan 560, as fitted", "count": 1, "price": 0.0, "volts": null, "curvePa": null, "curveM3s": null, "shutoffPa": 440.0, "diameterMm": 560.0, "gripsFromC": 62.0, "freeFlowM3s": 3.0, "gripsFullyC": 86.0, "pulleyRatio": 1.1, "referenceKw": 6.0, "referenceRpm": 2600.0, "clutchLimitRpm": null}, "seat": {"spacerMm": 0.0, "shroudUpMm": 0.0, "shroudBackMm": 0.0, "shroudRightMm": 0.0}, "mount": "PULLER", "leftMm": 70.0, "widthMm": 620.0, "bottomMm": 0.0, "heightMm": 560.0, "shrouded": true, "speedPercent": 100.0, "switchPoints": {"onC": 104.0, "offC": 100.0, "sensor": "CYLINDER_HEAD", "withAirConditioning": false}}], "fill": {"drains": 1, "frostC": -20.0, "oilInL": null, "lossKpa": null, "oilOutL": null, "oilPrice": null, "otherCap": "NONE", "levelPanC": null, "coolantInL": null, "coolantOutL": null, "steeringInL": null, "foundPercent": null, "hydraulicInL": null, "mixedPercent": null, "wantedPercent": null}, "kind": "PLAN", "name": "Plan B", "pump": null, "work": {"lift": false, "added": [], "fixed": [], "gasket": "DRY", "people": 1, "filling": "FUNNEL", "leftOut": [], "minutes": [], "dayHours": 8.0, "ownTasks": [], "comesCold": false, "extracted": false}, "lines": {"hoses": [{"id": "hose-1", "to": null, "from": null, "name": "tank outlet to cooler", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 0.9, "adapters": 2}, {"id": "hose-2", "to": null, "from": null, "name": "cooler to gearbox return", "bends": [], "clips": [], "stock": null, "boreMm": 9.5, "elbows": 1, "guards": [], "lengthM": 1.1, "adapters": 2}], "clamps": "CONSTANT_TENSION", "inline": [], "joining": "BACK_TO_STOCK", "spareMm": 80.0, "tankCapped": false}, "marks": {}, "moved": [], "wiring": {"box": null, "feed": "BATTERY", "ways": [], "guard": "FUSE", "wires": [], "extras": [{"id": "extra-1", "onC": 120.0, "amps": 0.2, "name": "oil gauge", "what": "GAUGE", "sensor": "GEARBOX"}], "guards": [], "devices": [{"by": "RELAY", "id": "extra-1", "air": "REQUEST", "amps": null, "earth": "BODY", "fullC": null, "keyed": true, "probe": {"toC": 170.0, "code": "SE-O-12", "name": "Oil sender, 12 mm", "fromC": -40.0, "price": 19.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": null}, "delayS": 0.0, "driver": false, "school": "THERMAL_SWITCH", "adapter": null, "oneWire": true, "swapped": false, "switchAt": "DASH", "otherSide": false, "adjusterAt": "BOX", "bladesTurned": false}]}, "coolers": [], "inFront": {"winch": false, "plough": false, "lightBar": false, "bugScreen": false}, "mounting": {"brackets": [], "channels": [], "radiator": {"ticks": [], "plates": []}, "standOffMm": 0.0, "isolatorNmm": null, "roughGround": false}, "oilOrder": "AFTER_TANK", "parallel": false, "radiator": {"code": "RA-800-580-40A17", "name": "Aluminium 800×580×40, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 420.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 600.0, "depthMm": 40.0, "fanUpMm": 500.0, "widthMm": 800.0, "heightMm": 580.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 596.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 532.0, "fanApartMm": 836.0, "lowerLooks": null, "topsBackMm": 20.0, "upperLooks": null, "finsPerInch": 17.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 868.0, "pinsApartMm": 680.0, "topsApartMm": 640.0, "upperBackMm": 70.0, "upperNeckMm": 44.0, "overHeightMm": 580.0, "insertDepthMm": 14.0, "lowerAcrossMm": -415.0, "upperAcrossMm": 415.0, "inTankWattsPerKelvin": 340.0}, "condition": {"airPercent": 0.0, "capPercent": 100.0, "sensorLowK": 0.0, "thermostat": "NONE", "pumpPercent": 100.0, "gearboxBypass": "NONE", "recirculation": 0.02, "oilFlowPercent": 100.0, "suctionPercent": 100.0, "thermostatLateK": 0.0, "radiatorBlockedPercent": 0.0, "chargeAirBlockedPercent": 0.0, "condenserBlockedPercent": 0.0}, "tankPlace": null, "thermostat": {"fullC": 99.0, "startC": 90.0}, "bypassPinned": false, "otherCoolers": [], "chargeAirCooler": null}');


--
-- Data for Name: log_plan; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: long_run; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: long_run_part; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: own_tasks; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: pairing; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: part; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.part VALUES ('oil-coolers', 'TF-260-130', '{"code": "TF-260-130", "name": "Tube-and-fin 260×130×19", "ports": "5/16 in barb", "price": 48.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "emptyKg": 0.39, "widthMm": 260.0, "earsUpMm": 90.0, "heightMm": 130.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 8.0, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 304.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-330-150', '{"code": "TF-330-150", "name": "Tube-and-fin 330×150×19", "ports": "3/8 in barb", "price": 58.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "emptyKg": 0.56, "widthMm": 330.0, "earsUpMm": 110.0, "heightMm": 150.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 374.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-330-190', '{"code": "TF-330-190", "name": "Tube-and-fin 330×190×19", "ports": "3/8 in barb", "price": 66.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "emptyKg": 0.71, "widthMm": 330.0, "earsUpMm": 150.0, "heightMm": 190.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 374.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-380-190', '{"code": "TF-380-190", "name": "Tube-and-fin 380×190×19", "ports": "3/8 in barb", "price": 74.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 19.0, "emptyKg": 0.82, "widthMm": 380.0, "earsUpMm": 150.0, "heightMm": 190.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 424.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-400-250', '{"code": "TF-400-250", "name": "Tube-and-fin 400×250×22", "ports": "3/8 in barb", "price": 92.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 22.0, "emptyKg": 1.32, "widthMm": 400.0, "earsUpMm": 210.0, "heightMm": 250.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 11.0, "portBoreMm": 9.5, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 444.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-500-250', '{"code": "TF-500-250", "name": "Tube-and-fin 500×250×22", "ports": "3/8 in barb", "price": 108.0, "family": "TUBE_AND_FIN", "passes": 6, "depthMm": 22.0, "emptyKg": 1.65, "widthMm": 500.0, "earsUpMm": 210.0, "heightMm": 250.0, "opensKpa": null, "ratedKpa": null, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 11.0, "portBoreMm": 9.5, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 544.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-560-300', '{"code": "TF-560-300", "name": "Tube-and-fin 560×300×25", "ports": "1/2 in barb", "price": 138.0, "family": "TUBE_AND_FIN", "passes": 6, "depthMm": 25.0, "emptyKg": 2.52, "widthMm": 560.0, "earsUpMm": 260.0, "heightMm": 300.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 12.5, "portBoreMm": 12.7, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 604.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-300-90', '{"code": "TF-300-90", "name": "Tube-and-fin 300×90×19", "ports": "5/16 in barb", "price": 44.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "emptyKg": 0.31, "widthMm": 300.0, "earsUpMm": 50.0, "heightMm": 90.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 8.0, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 344.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-450-110', '{"code": "TF-450-110", "name": "Tube-and-fin 450×110×19", "ports": "3/8 in barb", "price": 62.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "emptyKg": 0.56, "widthMm": 450.0, "earsUpMm": 70.0, "heightMm": 110.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 494.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-280-280', '{"code": "TF-280-280", "name": "Tube-and-fin 280×280×22", "ports": "3/8 in barb", "price": 84.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 22.0, "emptyKg": 1.03, "widthMm": 280.0, "earsUpMm": 240.0, "heightMm": 280.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 11.0, "portBoreMm": 9.5, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-620-200', '{"code": "TF-620-200", "name": "Tube-and-fin 620×200×22", "ports": "1/2 in barb", "price": 118.0, "family": "TUBE_AND_FIN", "passes": 4, "depthMm": 22.0, "emptyKg": 1.64, "widthMm": 620.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 11.0, "portBoreMm": 12.7, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 664.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'TF-230-200', '{"code": "TF-230-200", "name": "Tube-and-fin 230×200×19", "ports": "3/8 in barb", "price": 54.0, "family": "TUBE_AND_FIN", "passes": 2, "depthMm": 19.0, "emptyKg": 0.52, "widthMm": 230.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 1000.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 9.5, "portBoreMm": 9.5, "finsPerInch": 10.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 274.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-220-130', '{"code": "PF-220-130", "name": "Plate-fin 220×130×25", "ports": "3/8 in flare", "price": 88.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 25.0, "emptyKg": 0.61, "widthMm": 220.0, "earsUpMm": 90.0, "heightMm": 130.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 12.5, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 264.0}');
INSERT INTO public.part VALUES ('fans', 'EF-355', '{"amps": 17.0, "code": "EF-355", "kind": "ELECTRIC", "name": "Electric 355, slim", "count": 1, "price": 110.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": null, "diameterMm": 355.0, "gripsFromC": null, "freeFlowM3s": 0.95, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-280-150', '{"code": "PF-280-150", "name": "Plate-fin 280×150×25", "ports": "3/8 in flare", "price": 104.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 25.0, "emptyKg": 0.89, "widthMm": 280.0, "earsUpMm": 110.0, "heightMm": 150.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 12.5, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-280-200', '{"code": "PF-280-200", "name": "Plate-fin 280×200×32", "ports": "3/8 in flare", "price": 136.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "emptyKg": 1.52, "widthMm": 280.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-330-200', '{"code": "PF-330-200", "name": "Plate-fin 330×200×32", "ports": "1/2 in flare", "price": 158.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "emptyKg": 1.8, "widthMm": 330.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 16.0, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 374.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-400-220', '{"code": "PF-400-220", "name": "Plate-fin 400×220×38", "ports": "1/2 in flare", "price": 204.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 38.0, "emptyKg": 2.84, "widthMm": 400.0, "earsUpMm": 180.0, "heightMm": 220.0, "opensKpa": null, "ratedKpa": null, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 444.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-450-300', '{"code": "PF-450-300", "name": "Plate-fin 450×300×38", "ports": "1/2 in flare", "price": 268.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 38.0, "emptyKg": 4.36, "widthMm": 450.0, "earsUpMm": 260.0, "heightMm": 300.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 494.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-340-110', '{"code": "PF-340-110", "name": "Plate-fin 340×110×32", "ports": "3/8 in flare", "price": 112.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "emptyKg": 1.02, "widthMm": 340.0, "earsUpMm": 70.0, "heightMm": 110.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 384.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-500-130', '{"code": "PF-500-130", "name": "Plate-fin 500×130×32", "ports": "1/2 in flare", "price": 168.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "emptyKg": 1.77, "widthMm": 500.0, "earsUpMm": 90.0, "heightMm": 130.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 16.0, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 544.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-260-260', '{"code": "PF-260-260", "name": "Plate-fin 260×260×32", "ports": "3/8 in flare", "price": 162.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "emptyKg": 1.84, "widthMm": 260.0, "earsUpMm": 220.0, "heightMm": 260.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 304.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-560-240', '{"code": "PF-560-240", "name": "Plate-fin 560×240×38", "ports": "1/2 in flare", "price": 286.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 38.0, "emptyKg": 4.34, "widthMm": 560.0, "earsUpMm": 200.0, "heightMm": 240.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 604.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-300-160', '{"code": "PF-300-160", "name": "Plate-fin 300×160×50", "ports": "1/2 in flare", "price": 172.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 50.0, "emptyKg": 2.04, "widthMm": 300.0, "earsUpMm": 120.0, "heightMm": 160.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 25.0, "portBoreMm": 12.7, "finsPerInch": 11.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 344.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-200-200', '{"code": "PF-200-200", "name": "Plate-fin 200×200×25", "ports": "3/8 in flare", "price": 98.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 25.0, "emptyKg": 0.85, "widthMm": 200.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 12.5, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 244.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'PF-640-160', '{"code": "PF-640-160", "name": "Plate-fin 640×160×32", "ports": "1/2 in flare", "price": 226.0, "family": "PLATE_FIN", "passes": 1, "depthMm": 32.0, "emptyKg": 2.79, "widthMm": 640.0, "earsUpMm": 120.0, "heightMm": 160.0, "opensKpa": null, "ratedKpa": 1700.0, "earHoleMm": 6.6, "portsLook": "ASIDE", "earsBackMm": 16.0, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 684.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-200-140', '{"code": "SP-200-140", "name": "Stacked plate 200×140×32", "ports": "3/8 in barb", "price": 98.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 0.9, "widthMm": 200.0, "earsUpMm": 100.0, "heightMm": 140.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 244.0}');
INSERT INTO public.part VALUES ('fans', 'EF-405', '{"amps": 30.0, "code": "EF-405", "kind": "ELECTRIC", "name": "Electric 405, medium", "count": 1, "price": 150.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 320.0, "diameterMm": 405.0, "gripsFromC": null, "freeFlowM3s": 1.35, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-150', '{"code": "SP-280-150", "name": "Stacked plate 280×150×32", "ports": "3/8 in barb", "price": 132.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 1.34, "widthMm": 280.0, "earsUpMm": 110.0, "heightMm": 150.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-190', '{"code": "SP-280-190", "name": "Stacked plate 280×190×32", "ports": "3/8 in barb", "price": 165.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 1.7, "widthMm": 280.0, "earsUpMm": 150.0, "heightMm": 190.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-190-B', '{"code": "SP-280-190-B", "name": "Stacked plate 280×190×32, with bypass", "ports": "3/8 in barb", "price": 195.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 1.7, "widthMm": 280.0, "earsUpMm": 150.0, "heightMm": 190.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": 75.0, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-250', '{"code": "SP-280-250", "name": "Stacked plate 280×250×32", "ports": "1/2 in barb", "price": 205.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 2.24, "widthMm": 280.0, "earsUpMm": 210.0, "heightMm": 250.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-300-200', '{"code": "SP-300-200", "name": "Stacked plate 300×200×38", "ports": "1/2 in barb", "price": 196.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 2.28, "widthMm": 300.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 344.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-300-200-B', '{"code": "SP-300-200-B", "name": "Stacked plate 300×200×38, with bypass", "ports": "1/2 in barb", "price": 226.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 2.28, "widthMm": 300.0, "earsUpMm": 160.0, "heightMm": 200.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": 75.0, "earsAcrossMm": 344.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-330-260', '{"code": "SP-330-260", "name": "Stacked plate 330×260×38", "ports": "1/2 in barb", "price": 245.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 3.26, "widthMm": 330.0, "earsUpMm": 220.0, "heightMm": 260.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 374.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-330-260-B', '{"code": "SP-330-260-B", "name": "Stacked plate 330×260×38, with bypass", "ports": "1/2 in barb", "price": 278.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 3.26, "widthMm": 330.0, "earsUpMm": 220.0, "heightMm": 260.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": 80.0, "earsAcrossMm": 374.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-400-260', '{"code": "SP-400-260", "name": "Stacked plate 400×260×50", "ports": "1/2 in barb", "price": 318.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 50.0, "emptyKg": 5.2, "widthMm": 400.0, "earsUpMm": 220.0, "heightMm": 260.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 25.0, "portBoreMm": 12.7, "finsPerInch": 12.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 444.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-480-330-B', '{"code": "SP-480-330-B", "name": "Stacked plate 480×330×50, with bypass", "ports": "M22 port", "price": 436.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 50.0, "emptyKg": 7.92, "widthMm": 480.0, "earsUpMm": 290.0, "heightMm": 330.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 25.0, "portBoreMm": 16.0, "finsPerInch": 12.0, "tubePitchMm": 10.5, "bypassOpensC": 85.0, "earsAcrossMm": 524.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-280-110', '{"code": "SP-280-110", "name": "Stacked plate 280×110×32", "ports": "3/8 in barb", "price": 108.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 0.99, "widthMm": 280.0, "earsUpMm": 70.0, "heightMm": 110.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 324.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-340-150', '{"code": "SP-340-150", "name": "Stacked plate 340×150×32", "ports": "3/8 in barb", "price": 158.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 1.63, "widthMm": 340.0, "earsUpMm": 110.0, "heightMm": 150.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 384.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-340-150-B', '{"code": "SP-340-150-B", "name": "Stacked plate 340×150×32, with bypass", "ports": "3/8 in barb", "price": 186.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 1.63, "widthMm": 340.0, "earsUpMm": 110.0, "heightMm": 150.0, "opensKpa": null, "ratedKpa": null, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 9.5, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": 75.0, "earsAcrossMm": 384.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-92', '{"code": "TH-92", "name": "Thermostat 92 to 102 °C", "fullC": 102.0, "price": 28.0, "startC": 92.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-240-240', '{"code": "SP-240-240", "name": "Stacked plate 240×240×32", "ports": "1/2 in barb", "price": 188.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 32.0, "emptyKg": 1.84, "widthMm": 240.0, "earsUpMm": 200.0, "heightMm": 240.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 16.0, "portBoreMm": 12.7, "finsPerInch": 14.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 284.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-420-180', '{"code": "SP-420-180", "name": "Stacked plate 420×180×38", "ports": "1/2 in barb", "price": 232.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 2.87, "widthMm": 420.0, "earsUpMm": 140.0, "heightMm": 180.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 464.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-420-180-B', '{"code": "SP-420-180-B", "name": "Stacked plate 420×180×38, with bypass", "ports": "1/2 in barb", "price": 264.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 2.87, "widthMm": 420.0, "earsUpMm": 140.0, "heightMm": 180.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": 80.0, "earsAcrossMm": 464.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-560-160', '{"code": "SP-560-160", "name": "Stacked plate 560×160×38", "ports": "1/2 in barb", "price": 272.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 3.4, "widthMm": 560.0, "earsUpMm": 120.0, "heightMm": 160.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 604.0}');
INSERT INTO public.part VALUES ('oil-coolers', 'SP-260-330', '{"code": "SP-260-330", "name": "Stacked plate 260×330×38", "ports": "1/2 in barb", "price": 262.0, "family": "STACKED_PLATE", "passes": 1, "depthMm": 38.0, "emptyKg": 3.26, "widthMm": 260.0, "earsUpMm": 290.0, "heightMm": 330.0, "opensKpa": null, "ratedKpa": 2000.0, "earHoleMm": 6.6, "portsLook": "FORWARD", "earsBackMm": 19.0, "portBoreMm": 12.7, "finsPerInch": 13.0, "tubePitchMm": 10.5, "bypassOpensC": null, "earsAcrossMm": 304.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-40A17', '{"code": "RA-760-520-40A17", "name": "Aluminium 760×520×40, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 310.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 556.0, "depthMm": 40.0, "fanUpMm": 440.0, "widthMm": 760.0, "heightMm": 520.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 536.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": 20.0, "upperLooks": null, "finsPerInch": 17.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 828.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 520.0, "insertDepthMm": 14.0, "lowerAcrossMm": -395.0, "upperAcrossMm": 395.0, "inTankWattsPerKelvin": 320.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-56A14', '{"code": "RA-760-520-56A14", "name": "Aluminium 760×520×56, 3 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 420.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 556.0, "depthMm": 56.0, "fanUpMm": 440.0, "widthMm": 760.0, "heightMm": 520.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 536.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": 28.0, "upperLooks": null, "finsPerInch": 14.0, "lowerBackMm": 86.0, "lowerNeckMm": 44.0, "overWidthMm": 828.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 86.0, "upperNeckMm": 38.0, "overHeightMm": 520.0, "insertDepthMm": 14.0, "lowerAcrossMm": -395.0, "upperAcrossMm": 395.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-64A16', '{"code": "RA-760-520-64A16", "name": "Aluminium 760×520×64, 3 rows, metal tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 690.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 556.0, "depthMm": 64.0, "fanUpMm": 440.0, "widthMm": 760.0, "heightMm": 520.0, "oilPorts": "1/2 in pipe", "topsUpMm": 536.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": 32.0, "upperLooks": null, "finsPerInch": 16.0, "lowerBackMm": 94.0, "lowerNeckMm": 44.0, "overWidthMm": 824.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 94.0, "upperNeckMm": 38.0, "overHeightMm": 536.0, "insertDepthMm": 10.0, "lowerAcrossMm": -394.0, "upperAcrossMm": 394.0, "inTankWattsPerKelvin": 360.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-40C14', '{"code": "RA-760-520-40C14", "name": "Copper-brass 760×520×40, 2 rows, metal tanks", "drain": "RIGHT", "metal": "COPPER", "pinMm": 18.0, "price": 560.0, "tanks": "METAL", "tubes": "PLAIN", "insert": "M8", "capUpMm": 556.0, "depthMm": 40.0, "fanUpMm": 440.0, "widthMm": 760.0, "heightMm": 520.0, "oilPorts": "1/2 in pipe", "topsUpMm": 536.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": null, "upperLooks": null, "finsPerInch": 14.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 824.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 536.0, "insertDepthMm": 16.0, "lowerAcrossMm": -394.0, "upperAcrossMm": 394.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-60C12', '{"code": "RA-760-520-60C12", "name": "Copper-brass 760×520×60, 3 rows, metal tanks", "drain": "RIGHT", "metal": "COPPER", "pinMm": 18.0, "price": 720.0, "tanks": "METAL", "tubes": "PLAIN", "insert": "M8", "capUpMm": 556.0, "depthMm": 60.0, "fanUpMm": 440.0, "widthMm": 760.0, "heightMm": 520.0, "oilPorts": "1/2 in pipe", "topsUpMm": 536.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": 30.0, "upperLooks": null, "finsPerInch": 12.0, "lowerBackMm": 90.0, "lowerNeckMm": 44.0, "overWidthMm": 824.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 90.0, "upperNeckMm": 38.0, "overHeightMm": 536.0, "insertDepthMm": 16.0, "lowerAcrossMm": -394.0, "upperAcrossMm": 394.0, "inTankWattsPerKelvin": 320.0}');
INSERT INTO public.part VALUES ('thermostats', 'TH-95', '{"code": "TH-95", "name": "Thermostat 95 to 105 °C", "fullC": 105.0, "price": 30.0, "startC": 95.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-540-32A18', '{"code": "RA-760-540-32A18", "name": "Aluminium 760×540×32, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 280.0, "tanks": "PLASTIC", "tubes": "PLAIN", "insert": "M6", "capUpMm": 576.0, "depthMm": 32.0, "fanUpMm": 460.0, "widthMm": 760.0, "heightMm": 540.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 556.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 492.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": 16.0, "upperLooks": null, "finsPerInch": 18.0, "lowerBackMm": 62.0, "lowerNeckMm": 44.0, "overWidthMm": 828.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 62.0, "upperNeckMm": 38.0, "overHeightMm": 540.0, "insertDepthMm": 14.0, "lowerAcrossMm": -395.0, "upperAcrossMm": 395.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-520-40AN17', '{"code": "RA-760-520-40AN17", "name": "Aluminium 760×520×40, 2 rows, metal tanks, no oil ports", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 540.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 556.0, "depthMm": 40.0, "fanUpMm": 440.0, "widthMm": 760.0, "heightMm": 520.0, "oilPorts": null, "topsUpMm": 536.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 472.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": null, "upperLooks": null, "finsPerInch": 17.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 824.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 536.0, "insertDepthMm": 10.0, "lowerAcrossMm": -394.0, "upperAcrossMm": 394.0, "inTankWattsPerKelvin": null}');
INSERT INTO public.part VALUES ('radiators', 'RA-740-480-32A16', '{"code": "RA-740-480-32A16", "name": "Aluminium 740×480×32, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 270.0, "tanks": "PLASTIC", "tubes": "PLAIN", "insert": "M6", "capUpMm": 516.0, "depthMm": 32.0, "fanUpMm": 400.0, "widthMm": 740.0, "heightMm": 480.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 496.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 432.0, "fanApartMm": 776.0, "lowerLooks": null, "topsBackMm": 16.0, "upperLooks": null, "finsPerInch": 16.0, "lowerBackMm": 62.0, "lowerNeckMm": 44.0, "overWidthMm": 808.0, "pinsApartMm": 620.0, "topsApartMm": 580.0, "upperBackMm": 62.0, "upperNeckMm": 38.0, "overHeightMm": 480.0, "insertDepthMm": 14.0, "lowerAcrossMm": -385.0, "upperAcrossMm": 385.0, "inTankWattsPerKelvin": 320.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-740-480-48A15', '{"code": "RA-740-480-48A15", "name": "Aluminium 740×480×48, 2 rows, metal tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 520.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 516.0, "depthMm": 48.0, "fanUpMm": 400.0, "widthMm": 740.0, "heightMm": 480.0, "oilPorts": "1/2 in pipe", "topsUpMm": 496.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 432.0, "fanApartMm": 776.0, "lowerLooks": null, "topsBackMm": 24.0, "upperLooks": null, "finsPerInch": 15.0, "lowerBackMm": 78.0, "lowerNeckMm": 44.0, "overWidthMm": 804.0, "pinsApartMm": 620.0, "topsApartMm": 580.0, "upperBackMm": 78.0, "upperNeckMm": 38.0, "overHeightMm": 496.0, "insertDepthMm": 10.0, "lowerAcrossMm": -384.0, "upperAcrossMm": 384.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-740-500-40C14', '{"code": "RA-740-500-40C14", "name": "Copper-brass 740×500×40, 2 rows, metal tanks", "drain": "RIGHT", "metal": "COPPER", "pinMm": 18.0, "price": 540.0, "tanks": "METAL", "tubes": "PLAIN", "insert": "M8", "capUpMm": 536.0, "depthMm": 40.0, "fanUpMm": 420.0, "widthMm": 740.0, "heightMm": 500.0, "oilPorts": "1/2 in pipe", "topsUpMm": 516.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 452.0, "fanApartMm": 776.0, "lowerLooks": null, "topsBackMm": null, "upperLooks": null, "finsPerInch": 14.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 804.0, "pinsApartMm": 620.0, "topsApartMm": 580.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 516.0, "insertDepthMm": 16.0, "lowerAcrossMm": -384.0, "upperAcrossMm": 384.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-560-44C14', '{"code": "RA-800-560-44C14", "name": "Copper-brass 800×560×44, 2 rows, metal tanks", "drain": "RIGHT", "metal": "COPPER", "pinMm": 18.0, "price": 690.0, "tanks": "METAL", "tubes": "PLAIN", "insert": "M8", "capUpMm": 596.0, "depthMm": 44.0, "fanUpMm": 480.0, "widthMm": 800.0, "heightMm": 560.0, "oilPorts": "1/2 in pipe", "topsUpMm": 576.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 512.0, "fanApartMm": 836.0, "lowerLooks": null, "topsBackMm": 22.0, "upperLooks": null, "finsPerInch": 14.0, "lowerBackMm": 74.0, "lowerNeckMm": 44.0, "overWidthMm": 864.0, "pinsApartMm": 680.0, "topsApartMm": 640.0, "upperBackMm": 74.0, "upperNeckMm": 44.0, "overHeightMm": 576.0, "insertDepthMm": 16.0, "lowerAcrossMm": -414.0, "upperAcrossMm": 414.0, "inTankWattsPerKelvin": 300.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-560-48A15', '{"code": "RA-800-560-48A15", "name": "Aluminium 800×560×48, 2 rows, metal tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 640.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 596.0, "depthMm": 48.0, "fanUpMm": 480.0, "widthMm": 800.0, "heightMm": 560.0, "oilPorts": "1/2 in pipe", "topsUpMm": 576.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 512.0, "fanApartMm": 836.0, "lowerLooks": null, "topsBackMm": 24.0, "upperLooks": null, "finsPerInch": 15.0, "lowerBackMm": 78.0, "lowerNeckMm": 44.0, "overWidthMm": 864.0, "pinsApartMm": 680.0, "topsApartMm": 640.0, "upperBackMm": 78.0, "upperNeckMm": 44.0, "overHeightMm": 576.0, "insertDepthMm": 10.0, "lowerAcrossMm": -414.0, "upperAcrossMm": 414.0, "inTankWattsPerKelvin": 360.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-560-64AN13', '{"code": "RA-800-560-64AN13", "name": "Aluminium 800×560×64, 3 rows, metal tanks, no oil ports", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 760.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 596.0, "depthMm": 64.0, "fanUpMm": 480.0, "widthMm": 800.0, "heightMm": 560.0, "oilPorts": null, "topsUpMm": 576.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 512.0, "fanApartMm": 836.0, "lowerLooks": null, "topsBackMm": null, "upperLooks": null, "finsPerInch": 13.0, "lowerBackMm": 94.0, "lowerNeckMm": 44.0, "overWidthMm": 864.0, "pinsApartMm": 680.0, "topsApartMm": 640.0, "upperBackMm": 94.0, "upperNeckMm": 44.0, "overHeightMm": 576.0, "insertDepthMm": 10.0, "lowerAcrossMm": -414.0, "upperAcrossMm": 414.0, "inTankWattsPerKelvin": null}');
INSERT INTO public.part VALUES ('caps', 'CAP-50', '{"code": "CAP-50", "name": "Cap 50 kPa", "price": 12.0, "capKpa": 50.0}');
INSERT INTO public.part VALUES ('caps', 'CAP-70', '{"code": "CAP-70", "name": "Cap 70 kPa", "price": 12.0, "capKpa": 70.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-800-580-40A17', '{"code": "RA-800-580-40A17", "name": "Aluminium 800×580×40, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 420.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 600.0, "depthMm": 40.0, "fanUpMm": 500.0, "widthMm": 800.0, "heightMm": 580.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 596.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 532.0, "fanApartMm": 836.0, "lowerLooks": null, "topsBackMm": 20.0, "upperLooks": null, "finsPerInch": 17.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 868.0, "pinsApartMm": 680.0, "topsApartMm": 640.0, "upperBackMm": 70.0, "upperNeckMm": 44.0, "overHeightMm": 580.0, "insertDepthMm": 14.0, "lowerAcrossMm": -415.0, "upperAcrossMm": 415.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-560-40A13', '{"code": "RA-760-560-40A13", "name": "Aluminium 760×560×40, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 360.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 596.0, "depthMm": 40.0, "fanUpMm": 480.0, "widthMm": 760.0, "heightMm": 560.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 576.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 512.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": 20.0, "upperLooks": null, "finsPerInch": 13.0, "lowerBackMm": 70.0, "lowerNeckMm": 44.0, "overWidthMm": 828.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 70.0, "upperNeckMm": 38.0, "overHeightMm": 560.0, "insertDepthMm": 14.0, "lowerAcrossMm": -395.0, "upperAcrossMm": 395.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-760-560-56A15', '{"code": "RA-760-560-56A15", "name": "Aluminium 760×560×56, 3 rows, metal tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 610.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 596.0, "depthMm": 56.0, "fanUpMm": 480.0, "widthMm": 760.0, "heightMm": 560.0, "oilPorts": "1/2 in pipe", "topsUpMm": 576.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 512.0, "fanApartMm": 796.0, "lowerLooks": null, "topsBackMm": null, "upperLooks": null, "finsPerInch": 15.0, "lowerBackMm": 86.0, "lowerNeckMm": 44.0, "overWidthMm": 824.0, "pinsApartMm": 640.0, "topsApartMm": 600.0, "upperBackMm": 86.0, "upperNeckMm": 38.0, "overHeightMm": 576.0, "insertDepthMm": 10.0, "lowerAcrossMm": -394.0, "upperAcrossMm": 394.0, "inTankWattsPerKelvin": 360.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-780-580-48A16', '{"code": "RA-780-580-48A16", "name": "Aluminium 780×580×48, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 470.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 616.0, "depthMm": 48.0, "fanUpMm": 500.0, "widthMm": 780.0, "heightMm": 580.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 596.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 532.0, "fanApartMm": 816.0, "lowerLooks": null, "topsBackMm": 24.0, "upperLooks": null, "finsPerInch": 16.0, "lowerBackMm": 78.0, "lowerNeckMm": 44.0, "overWidthMm": 848.0, "pinsApartMm": 660.0, "topsApartMm": 620.0, "upperBackMm": 78.0, "upperNeckMm": 38.0, "overHeightMm": 580.0, "insertDepthMm": 14.0, "lowerAcrossMm": -405.0, "upperAcrossMm": 405.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-820-600-48A14', '{"code": "RA-820-600-48A14", "name": "Aluminium 820×600×48, 2 rows, plastic tanks", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 480.0, "tanks": "PLASTIC", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 0.0, "depthMm": 48.0, "fanUpMm": 520.0, "widthMm": 820.0, "heightMm": 600.0, "oilPorts": "3/8 in quick connect", "topsUpMm": 616.0, "connector": "2 pins, oval", "lowerUpMm": 46.0, "upperUpMm": 552.0, "fanApartMm": 856.0, "lowerLooks": null, "topsBackMm": 24.0, "upperLooks": null, "finsPerInch": 14.0, "lowerBackMm": 78.0, "lowerNeckMm": 44.0, "overWidthMm": 888.0, "pinsApartMm": 700.0, "topsApartMm": 660.0, "upperBackMm": 78.0, "upperNeckMm": 44.0, "overHeightMm": 600.0, "insertDepthMm": 14.0, "lowerAcrossMm": -425.0, "upperAcrossMm": 425.0, "inTankWattsPerKelvin": 340.0}');
INSERT INTO public.part VALUES ('radiators', 'RA-820-600-64AN15', '{"code": "RA-820-600-64AN15", "name": "Aluminium 820×600×64, 3 rows, metal tanks, no oil ports", "drain": "LEFT", "metal": "ALUMINIUM", "pinMm": 18.0, "price": 820.0, "tanks": "METAL", "tubes": "DIMPLED", "insert": "M6", "capUpMm": 636.0, "depthMm": 64.0, "fanUpMm": 520.0, "widthMm": 820.0, "heightMm": 600.0, "oilPorts": null, "topsUpMm": 616.0, "connector": null, "lowerUpMm": 46.0, "upperUpMm": 552.0, "fanApartMm": 856.0, "lowerLooks": null, "topsBackMm": null, "upperLooks": null, "finsPerInch": 15.0, "lowerBackMm": 94.0, "lowerNeckMm": 44.0, "overWidthMm": 884.0, "pinsApartMm": 700.0, "topsApartMm": 660.0, "upperBackMm": 94.0, "upperNeckMm": 44.0, "overHeightMm": 616.0, "insertDepthMm": 10.0, "lowerAcrossMm": -424.0, "upperAcrossMm": 424.0, "inTankWattsPerKelvin": null}');
INSERT INTO public.part VALUES ('fans', 'EF-165', '{"amps": 4.0, "code": "EF-165", "kind": "ELECTRIC", "name": "Electric 165, for a cooler", "count": 1, "price": 42.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 120.0, "diameterMm": 165.0, "gripsFromC": null, "freeFlowM3s": 0.15, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-190', '{"amps": 5.0, "code": "EF-190", "kind": "ELECTRIC", "name": "Electric 190, for a cooler", "count": 1, "price": 48.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 130.0, "diameterMm": 190.0, "gripsFromC": null, "freeFlowM3s": 0.21, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-225', '{"amps": 7.0, "code": "EF-225", "kind": "ELECTRIC", "name": "Electric 225, for a cooler", "count": 1, "price": 56.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 140.0, "diameterMm": 225.0, "gripsFromC": null, "freeFlowM3s": 0.31, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-255', '{"amps": 9.0, "code": "EF-255", "kind": "ELECTRIC", "name": "Electric 255, for a cooler", "count": 1, "price": 64.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": 150.0, "diameterMm": 255.0, "gripsFromC": null, "freeFlowM3s": 0.42, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
INSERT INTO public.part VALUES ('fans', 'EF-300', '{"amps": 11.0, "code": "EF-300", "kind": "ELECTRIC", "name": "Electric 300, slim", "count": 1, "price": 85.0, "volts": 13.5, "curvePa": null, "curveM3s": null, "shutoffPa": null, "diameterMm": 300.0, "gripsFromC": null, "freeFlowM3s": 0.62, "gripsFullyC": null, "pulleyRatio": null, "referenceKw": null, "referenceRpm": null, "clutchLimitRpm": null}');
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
INSERT INTO public.part VALUES ('controllers', 'OV-20', '{"amps": 20.0, "code": "OV-20", "kind": "OVERRIDE", "name": "Driver''s switch with lamp, for a controlled clutch", "onToC": 90.0, "price": 34.0, "onFromC": 90.0, "hysteresisK": 1.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-560-300-57', '{"code": "CA-560-300-57", "name": "Charge-air 560×300×57", "price": 260.0, "depthMm": 57.0, "widthMm": 560.0, "heightMm": 300.0, "portBoreMm": 57.0, "finsPerInch": 12.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-600-300-76', '{"code": "CA-600-300-76", "name": "Charge-air 600×300×76", "price": 340.0, "depthMm": 76.0, "widthMm": 600.0, "heightMm": 300.0, "portBoreMm": 63.0, "finsPerInch": 12.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-620-420-50', '{"code": "CA-620-420-50", "name": "Charge-air 620×420×50", "price": 380.0, "depthMm": 50.0, "widthMm": 620.0, "heightMm": 420.0, "portBoreMm": 63.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-700-320-64', '{"code": "CA-700-320-64", "name": "Charge-air 700×320×64", "price": 390.0, "depthMm": 64.0, "widthMm": 700.0, "heightMm": 320.0, "portBoreMm": 63.0, "finsPerInch": 12.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-720-400-57', '{"code": "CA-720-400-57", "name": "Charge-air 720×400×57", "price": 430.0, "depthMm": 57.0, "widthMm": 720.0, "heightMm": 400.0, "portBoreMm": 70.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-760-420-64', '{"code": "CA-760-420-64", "name": "Charge-air 760×420×64", "price": 480.0, "depthMm": 64.0, "widthMm": 760.0, "heightMm": 420.0, "portBoreMm": 70.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-820-420-50', '{"code": "CA-820-420-50", "name": "Charge-air 820×420×50", "price": 510.0, "depthMm": 50.0, "widthMm": 820.0, "heightMm": 420.0, "portBoreMm": 76.0, "finsPerInch": 11.0}');
INSERT INTO public.part VALUES ('charge-air-coolers', 'CA-820-460-64', '{"code": "CA-820-460-64", "name": "Charge-air 820×460×64", "price": 590.0, "depthMm": 64.0, "widthMm": 820.0, "heightMm": 460.0, "portBoreMm": 76.0, "finsPerInch": 10.0}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-24', '{"code": "WP-24", "name": "Pump 2.4 kg/s, pressed wheel", "price": 70.0, "kgsAt4000": 2.4}');
INSERT INTO public.part VALUES ('coolant-pumps', 'WP-27', '{"code": "WP-27", "name": "Pump 2.7 kg/s, pressed wheel", "price": 78.0, "kgsAt4000": 2.7}');
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
INSERT INTO public.part VALUES ('adapters', 'AD-12-Q', '{"to": "quick connector", "code": "AD-12-Q", "from": "1/2 in barb", "loss": 1.5, "name": "1/2 in barb to quick connector", "price": 17.0, "boreMm": 11.0}');
INSERT INTO public.part VALUES ('adapters', 'AD-9-F', '{"to": "flare thread", "code": "AD-9-F", "from": "3/8 in barb", "loss": 1.2, "name": "3/8 in barb to flare thread", "price": 7.0, "boreMm": 8.5}');
INSERT INTO public.part VALUES ('adapters', 'AD-9-B', '{"to": "banjo", "code": "AD-9-B", "from": "3/8 in barb", "loss": 2.5, "name": "3/8 in barb to banjo", "price": 11.0, "boreMm": 8.0}');
INSERT INTO public.part VALUES ('adapters', 'AD-12-B', '{"to": "banjo", "code": "AD-12-B", "from": "1/2 in barb", "loss": 2.5, "name": "1/2 in barb to banjo", "price": 13.0, "boreMm": 11.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-8', '{"code": "HO-8", "name": "Gearbox oil hose, 5/16 in", "price": 9.0, "rollM": 7.5, "boreMm": 8.0, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 2100.0, "outsideMm": 15.0, "minRadiusMm": 48.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-9', '{"code": "HO-9", "name": "Gearbox oil hose, 3/8 in", "price": 10.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 2100.0, "outsideMm": 17.0, "minRadiusMm": 57.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-9-F', '{"code": "HO-9-F", "name": "Gearbox oil hose, 3/8 in, tight bends", "price": 17.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1700.0, "outsideMm": 16.5, "minRadiusMm": 38.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-12', '{"code": "HO-12", "name": "Gearbox oil hose, 1/2 in", "price": 14.0, "rollM": 7.5, "boreMm": 12.7, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1700.0, "outsideMm": 20.5, "minRadiusMm": 76.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-16', '{"code": "HO-16", "name": "Gearbox oil hose, 5/8 in", "price": 19.0, "rollM": 7.5, "boreMm": 16.0, "ratedC": 150.0, "carries": "GEARBOX_OIL", "ratedKpa": 1400.0, "outsideMm": 24.5, "minRadiusMm": 96.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-9-S', '{"code": "HO-9-S", "name": "Gearbox oil hose, 3/8 in, braided", "price": 28.0, "rollM": null, "boreMm": 9.5, "ratedC": 200.0, "carries": "GEARBOX_OIL", "ratedKpa": 7000.0, "outsideMm": 15.5, "minRadiusMm": 64.0}');
INSERT INTO public.part VALUES ('hoses', 'HC-16', '{"code": "HC-16", "name": "Heater hose, 5/8 in", "price": 7.0, "rollM": 15.0, "boreMm": 16.0, "ratedC": 125.0, "carries": "COOLANT", "ratedKpa": 600.0, "outsideMm": 24.0, "minRadiusMm": 80.0}');
INSERT INTO public.part VALUES ('hoses', 'HC-19', '{"code": "HC-19", "name": "Heater hose, 3/4 in", "price": 8.0, "rollM": 15.0, "boreMm": 19.0, "ratedC": 125.0, "carries": "COOLANT", "ratedKpa": 600.0, "outsideMm": 27.0, "minRadiusMm": 95.0}');
INSERT INTO public.part VALUES ('hoses', 'HO-9-U', '{"code": "HO-9-U", "name": "Hose without a rating, 3/8 in", "price": 6.0, "rollM": 7.5, "boreMm": 9.5, "ratedC": null, "carries": "GEARBOX_OIL", "ratedKpa": null, "outsideMm": 16.0, "minRadiusMm": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-C-12', '{"toC": 140.0, "code": "SE-C-12", "name": "Coolant sender, 12 mm", "fromC": -40.0, "price": 16.0, "thread": "M12×1.5", "measures": "COOLANT", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-C-14', '{"toC": 140.0, "code": "SE-C-14", "name": "Coolant sender, 14 mm", "fromC": -40.0, "price": 17.0, "thread": "M14×1.5", "measures": "COOLANT", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-C-P', '{"toC": 150.0, "code": "SE-C-P", "name": "Coolant sender, tapered", "fromC": -40.0, "price": 18.0, "thread": "3/8 in pipe thread", "measures": "COOLANT", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-O-P', '{"toC": 170.0, "code": "SE-O-P", "name": "Oil sender, tapered", "fromC": -40.0, "price": 19.0, "thread": "1/8 in pipe thread", "measures": "OIL", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-O-12', '{"toC": 170.0, "code": "SE-O-12", "name": "Oil sender, 12 mm", "fromC": -40.0, "price": 19.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-O-T', '{"toC": 180.0, "code": "SE-O-T", "name": "Oil probe in a line tee", "fromC": -40.0, "price": 34.0, "thread": "line tee", "measures": "OIL", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-A', '{"toC": 120.0, "code": "SE-A", "name": "Air probe", "fromC": -40.0, "price": 9.0, "thread": "clip", "measures": "AIR", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SE-P-10', '{"toC": null, "code": "SE-P-10", "name": "Pressure sender to 10 bar", "fromC": null, "price": 38.0, "thread": "1/8 in pipe thread", "measures": "PRESSURE", "switchesAtC": null}');
INSERT INTO public.part VALUES ('sensors', 'SW-C-92', '{"toC": 140.0, "code": "SW-C-92", "name": "Coolant switch, 92 °C", "fromC": -40.0, "price": 22.0, "thread": "M14×1.5", "measures": "COOLANT", "switchesAtC": 92.0}');
INSERT INTO public.part VALUES ('sensors', 'SW-C-97', '{"toC": 140.0, "code": "SW-C-97", "name": "Coolant switch, 97 °C", "fromC": -40.0, "price": 22.0, "thread": "M14×1.5", "measures": "COOLANT", "switchesAtC": 97.0}');
INSERT INTO public.part VALUES ('sensors', 'SW-C-102', '{"toC": 140.0, "code": "SW-C-102", "name": "Coolant switch, 102 °C", "fromC": -40.0, "price": 23.0, "thread": "M14×1.5", "measures": "COOLANT", "switchesAtC": 102.0}');
INSERT INTO public.part VALUES ('sensors', 'SW-O-115', '{"toC": 170.0, "code": "SW-O-115", "name": "Oil switch, 115 °C", "fromC": -40.0, "price": 26.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": 115.0}');
INSERT INTO public.part VALUES ('sensors', 'SW-O-120', '{"toC": 170.0, "code": "SW-O-120", "name": "Oil switch, 120 °C", "fromC": -40.0, "price": 26.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": 120.0}');
INSERT INTO public.part VALUES ('sensors', 'SW-O-125', '{"toC": 170.0, "code": "SW-O-125", "name": "Oil switch, 125 °C", "fromC": -40.0, "price": 26.0, "thread": "M12×1.5", "measures": "OIL", "switchesAtC": 125.0}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-32-14', '{"code": "SA-32-14", "name": "Hose adapter 32 mm, M14", "price": 19.0, "boreMm": 32.0, "cutsMm": 42.0, "thread": "M14×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-35-12', '{"code": "SA-35-12", "name": "Hose adapter 35 mm, M12", "price": 19.0, "boreMm": 35.0, "cutsMm": 42.0, "thread": "M12×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-35-14', '{"code": "SA-35-14", "name": "Hose adapter 35 mm, M14", "price": 20.0, "boreMm": 35.0, "cutsMm": 42.0, "thread": "M14×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-38-14', '{"code": "SA-38-14", "name": "Hose adapter 38 mm, M14", "price": 21.0, "boreMm": 38.0, "cutsMm": 45.0, "thread": "M14×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-38-P', '{"code": "SA-38-P", "name": "Hose adapter 38 mm, 3/8 in pipe", "price": 18.0, "boreMm": 38.0, "cutsMm": 45.0, "thread": "3/8 in pipe thread", "earthing": "NONE"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-42-14', '{"code": "SA-42-14", "name": "Hose adapter 42 mm, M14", "price": 24.0, "boreMm": 42.0, "cutsMm": 45.0, "thread": "M14×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-45-14', '{"code": "SA-45-14", "name": "Hose adapter 45 mm, M14", "price": 26.0, "boreMm": 45.0, "cutsMm": 48.0, "thread": "M14×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-51-14', '{"code": "SA-51-14", "name": "Hose adapter 51 mm, M14", "price": 29.0, "boreMm": 51.0, "cutsMm": 48.0, "thread": "M14×1.5", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-8-T', '{"code": "SA-8-T", "name": "Line tee 5/16 in", "price": 14.0, "boreMm": 8.0, "cutsMm": 28.0, "thread": "line tee", "earthing": "NONE"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-9-T', '{"code": "SA-9-T", "name": "Line tee 3/8 in", "price": 15.0, "boreMm": 9.5, "cutsMm": 30.0, "thread": "line tee", "earthing": "NONE"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-9-P', '{"code": "SA-9-P", "name": "Line tee 3/8 in, 1/8 in pipe", "price": 18.0, "boreMm": 9.5, "cutsMm": 32.0, "thread": "1/8 in pipe thread", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-12-T', '{"code": "SA-12-T", "name": "Line tee 1/2 in", "price": 17.0, "boreMm": 12.7, "cutsMm": 34.0, "thread": "line tee", "earthing": "NONE"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-12-P', '{"code": "SA-12-P", "name": "Line tee 1/2 in, 1/8 in pipe", "price": 20.0, "boreMm": 12.7, "cutsMm": 36.0, "thread": "1/8 in pipe thread", "earthing": "SCREW"}');
INSERT INTO public.part VALUES ('sensor-adapters', 'SA-16-T', '{"code": "SA-16-T", "name": "Line tee 5/8 in", "price": 20.0, "boreMm": 16.0, "cutsMm": 38.0, "thread": "line tee", "earthing": "NONE"}');
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
INSERT INTO public.part VALUES ('seals', 'FS-2', '{"code": "FS-2", "name": "Foam strip 25 mm, 2 m", "price": 9.0, "lengthM": 2.0}');
INSERT INTO public.part VALUES ('seals', 'FS-4', '{"code": "FS-4", "name": "Foam strip 25 mm, 4 m", "price": 16.0, "lengthM": 4.0}');
INSERT INTO public.part VALUES ('seals', 'FS-6', '{"code": "FS-6", "name": "Foam strip 40 mm, 6 m", "price": 26.0, "lengthM": 6.0}');
INSERT INTO public.part VALUES ('seals', 'RF-3', '{"code": "RF-3", "name": "Rubber flap 80 mm, 3 m, with rivets", "price": 32.0, "lengthM": 3.0}');
INSERT INTO public.part VALUES ('seals', 'RF-5', '{"code": "RF-5", "name": "Rubber flap 80 mm, 5 m, with rivets", "price": 48.0, "lengthM": 5.0}');
INSERT INTO public.part VALUES ('seals', 'SK-4', '{"code": "SK-4", "name": "Seal kit: foam, flaps, clips, 4 m", "price": 44.0, "lengthM": 4.0}');
INSERT INTO public.part VALUES ('seals', 'SK-6', '{"code": "SK-6", "name": "Seal kit: foam, flaps, clips, 6 m", "price": 62.0, "lengthM": 6.0}');
INSERT INTO public.part VALUES ('seals', 'SK-10', '{"code": "SK-10", "name": "Seal kit: foam, flaps, clips, 10 m", "price": 95.0, "lengthM": 10.0}');
INSERT INTO public.part VALUES ('supplies', 'SU-ST', '{"code": "SU-ST", "name": "Mild steel, strip and channel, a kilogram", "what": "STEEL", "price": 4.2, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-AL', '{"code": "SU-AL", "name": "Aluminium, strip and channel, a kilogram", "what": "ALUMINIUM", "price": 11.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SH', '{"code": "SU-SH", "name": "Sheet 1.5 mm, galvanised, a square metre", "what": "SHEET", "price": 34.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-PA', '{"code": "SU-PA", "name": "Primer and paint, a square metre", "what": "PAINT", "price": 28.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CH-38', '{"code": "SU-CH-38", "name": "Coolant hose to 38 mm, a metre", "what": "COOLANT_HOSE", "price": 31.0, "upToMm": 38.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CH-51', '{"code": "SU-CH-51", "name": "Coolant hose to 51 mm, a metre", "what": "COOLANT_HOSE", "price": 44.0, "upToMm": 51.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-FO-25', '{"code": "SU-FO-25", "name": "Foam strip to 25 mm, a metre", "what": "FOAM", "price": 5.0, "upToMm": 25.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-FO-60', '{"code": "SU-FO-60", "name": "Foam strip to 60 mm, a metre", "what": "FOAM", "price": 9.0, "upToMm": 60.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SL-12', '{"code": "SU-SL-12", "name": "Woven sleeve to 12 mm, a metre", "what": "SLEEVE", "price": 2.4, "upToMm": 12.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SL-28', '{"code": "SU-SL-28", "name": "Woven sleeve to 28 mm, a metre", "what": "SLEEVE", "price": 4.8, "upToMm": 28.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-HW-28', '{"code": "SU-HW-28", "name": "Heat sleeve to 28 mm, a metre", "what": "HEAT_WRAP", "price": 19.0, "upToMm": 28.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WI-1', '{"code": "SU-WI-1", "name": "Thin-wall wire to 1 mm², a metre", "what": "WIRE", "price": 0.6, "upToMm": null, "upToMm2": 1.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WI-2', '{"code": "SU-WI-2", "name": "Thin-wall wire to 2.5 mm², a metre", "what": "WIRE", "price": 1.1, "upToMm": null, "upToMm2": 2.5, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WI-6', '{"code": "SU-WI-6", "name": "Thin-wall wire to 6 mm², a metre", "what": "WIRE", "price": 2.6, "upToMm": null, "upToMm2": 6.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WI-16', '{"code": "SU-WI-16", "name": "Thin-wall wire to 16 mm², a metre", "what": "WIRE", "price": 6.4, "upToMm": null, "upToMm2": 16.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WI-35', '{"code": "SU-WI-35", "name": "Battery cable to 35 mm², a metre", "what": "WIRE", "price": 13.0, "upToMm": null, "upToMm2": 35.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-HJ-38', '{"code": "SU-HJ-38", "name": "Pair of joiners with a piece of hose to 38 mm", "what": "HOSE_JOINER", "price": 26.0, "upToMm": 38.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-HJ-51', '{"code": "SU-HJ-51", "name": "Pair of joiners with a piece of hose to 51 mm", "what": "HOSE_JOINER", "price": 34.0, "upToMm": 51.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CT-17', '{"code": "SU-CT-17", "name": "Constant-tension clamp to 17 mm", "what": "CONSTANT_TENSION", "price": 1.8, "upToMm": 17.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CT-27', '{"code": "SU-CT-27", "name": "Constant-tension clamp to 27 mm", "what": "CONSTANT_TENSION", "price": 2.2, "upToMm": 27.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CT-60', '{"code": "SU-CT-60", "name": "Constant-tension clamp to 60 mm", "what": "CONSTANT_TENSION", "price": 4.5, "upToMm": 60.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-LW-27', '{"code": "SU-LW-27", "name": "Lined worm clamp to 27 mm", "what": "LINED_WORM", "price": 1.9, "upToMm": 27.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-LW-60', '{"code": "SU-LW-60", "name": "Lined worm clamp to 60 mm", "what": "LINED_WORM", "price": 3.1, "upToMm": 60.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-PW-27', '{"code": "SU-PW-27", "name": "Worm clamp to 27 mm", "what": "PLAIN_WORM", "price": 0.9, "upToMm": 27.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CL-17', '{"code": "SU-CL-17", "name": "Rubber-lined clip to 17 mm", "what": "CLIP", "price": 0.9, "upToMm": 17.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-CL-30', '{"code": "SU-CL-30", "name": "Rubber-lined clip to 30 mm", "what": "CLIP", "price": 1.3, "upToMm": 30.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-EL-13', '{"code": "SU-EL-13", "name": "Barbed elbow to 13 mm", "what": "ELBOW", "price": 6.0, "upToMm": 13.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-EL-20', '{"code": "SU-EL-20", "name": "Barbed elbow to 20 mm", "what": "ELBOW", "price": 9.0, "upToMm": 20.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-LA-13', '{"code": "SU-LA-13", "name": "Adapter of a line to 13 mm", "what": "LINE_ADAPTER", "price": 8.0, "upToMm": 13.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-LA-20', '{"code": "SU-LA-20", "name": "Adapter of a line to 20 mm", "what": "LINE_ADAPTER", "price": 12.0, "upToMm": 20.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-LC', '{"code": "SU-LC", "name": "Cap of an oil port", "what": "LINE_CAP", "price": 5.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-GR-20', '{"code": "SU-GR-20", "name": "Grommet to 20 mm", "what": "GROMMET", "price": 1.2, "upToMm": 20.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-GR-40', '{"code": "SU-GR-40", "name": "Grommet to 40 mm", "what": "GROMMET", "price": 2.4, "upToMm": 40.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SC-6', '{"code": "SU-SC-6", "name": "Screw to M6, 8.8", "what": "SCREW", "price": 0.3, "upToMm": 6.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SC-8', '{"code": "SU-SC-8", "name": "Screw to M8, 8.8", "what": "SCREW", "price": 0.5, "upToMm": 8.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SC-12', '{"code": "SU-SC-12", "name": "Screw to M12, 8.8", "what": "SCREW", "price": 1.2, "upToMm": 12.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-HA-8', '{"code": "SU-HA-8", "name": "Nut, washer or tube to M8", "what": "HARDWARE", "price": 0.15, "upToMm": 8.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-HA-12', '{"code": "SU-HA-12", "name": "Nut, washer or tube to M12", "what": "HARDWARE", "price": 0.3, "upToMm": 12.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-IS-8', '{"code": "SU-IS-8", "name": "Rubber isolator to M8", "what": "ISOLATOR", "price": 3.6, "upToMm": 8.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-IS-12', '{"code": "SU-IS-12", "name": "Rubber isolator to M12", "what": "ISOLATOR", "price": 5.2, "upToMm": 12.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-RN-8', '{"code": "SU-RN-8", "name": "Rivet nut to M8", "what": "RIVET_NUT", "price": 0.7, "upToMm": 8.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-RN-12', '{"code": "SU-RN-12", "name": "Rivet nut to M12", "what": "RIVET_NUT", "price": 1.4, "upToMm": 12.0, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-TE-2', '{"code": "SU-TE-2", "name": "Terminal to 2.5 mm²", "what": "TERMINAL", "price": 0.3, "upToMm": null, "upToMm2": 2.5, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-TE-6', '{"code": "SU-TE-6", "name": "Terminal to 6 mm²", "what": "TERMINAL", "price": 0.6, "upToMm": null, "upToMm2": 6.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-TE-35', '{"code": "SU-TE-35", "name": "Terminal to 35 mm²", "what": "TERMINAL", "price": 1.9, "upToMm": null, "upToMm2": 35.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WS-6', '{"code": "SU-WS-6", "name": "Wire seal to 6 mm²", "what": "WIRE_SEAL", "price": 0.2, "upToMm": null, "upToMm2": 6.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-WS-35', '{"code": "SU-WS-35", "name": "Wire seal to 35 mm²", "what": "WIRE_SEAL", "price": 0.6, "upToMm": null, "upToMm2": 35.0, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-FU-100', '{"code": "SU-FU-100", "name": "Bolted fuse to 100 A, with its holder", "what": "FUSE", "price": 14.0, "upToMm": null, "upToMm2": null, "upToAmps": 100.0}');
INSERT INTO public.part VALUES ('supplies', 'SU-BR-50', '{"code": "SU-BR-50", "name": "Breaker to 50 A", "what": "BREAKER", "price": 18.0, "upToMm": null, "upToMm2": null, "upToAmps": 50.0}');
INSERT INTO public.part VALUES ('supplies', 'SU-DS', '{"code": "SU-DS", "name": "Driver''s switch with pilot lamp", "what": "DRIVER_SWITCH", "price": 18.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-DI', '{"code": "SU-DI", "name": "Diode, 3 A, in a sleeve", "what": "DIODE", "price": 2.5, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-RE', '{"code": "SU-RE", "name": "Dropping resistor for two speeds", "what": "RESISTOR", "price": 24.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-LP', '{"code": "SU-LP", "name": "Warning lamp, 12 mm", "what": "LAMP", "price": 7.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-GA', '{"code": "SU-GA", "name": "Temperature gauge, 52 mm", "what": "GAUGE", "price": 58.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-SE', '{"code": "SU-SE", "name": "Temperature sender", "what": "SENDER", "price": 17.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');
INSERT INTO public.part VALUES ('supplies', 'SU-BX', '{"code": "SU-BX", "name": "Sealed box for relays and fuses", "what": "RELAY_BOX", "price": 29.0, "upToMm": null, "upToMm2": null, "upToAmps": null}');


--
-- Data for Name: photo; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: run; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: run_track; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: scheduled_tasks; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: signed_paper; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: spring_session; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: spring_session_attributes; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: yard; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.yard VALUES (1, 0, 'The yard', 'EUR', NULL, 60, 20, 5);


--
-- Name: change_made_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.change_made_id_seq', 1, false);


--
-- Name: account account_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.account
    ADD CONSTRAINT account_pkey PRIMARY KEY (id);


--
-- Name: bay_event bay_event_order_id_seq_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_event
    ADD CONSTRAINT bay_event_order_id_seq_key UNIQUE (order_id, seq);


--
-- Name: bay_event bay_event_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_event
    ADD CONSTRAINT bay_event_pkey PRIMARY KEY (id);


--
-- Name: bay_order bay_order_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_order
    ADD CONSTRAINT bay_order_pkey PRIMARY KEY (id);


--
-- Name: bay_photo bay_photo_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_photo
    ADD CONSTRAINT bay_photo_pkey PRIMARY KEY (id);


--
-- Name: bay_plan bay_plan_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_plan
    ADD CONSTRAINT bay_plan_pkey PRIMARY KEY (order_id, number);


--
-- Name: change_made change_made_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.change_made
    ADD CONSTRAINT change_made_pkey PRIMARY KEY (id);


--
-- Name: device device_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.device
    ADD CONSTRAINT device_pkey PRIMARY KEY (id);


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
-- Name: log_plan log_plan_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.log_plan
    ADD CONSTRAINT log_plan_pkey PRIMARY KEY (shape);


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
-- Name: own_tasks own_tasks_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.own_tasks
    ADD CONSTRAINT own_tasks_pkey PRIMARY KEY (id);


--
-- Name: pairing pairing_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pairing
    ADD CONSTRAINT pairing_pkey PRIMARY KEY (code);


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
-- Name: run run_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.run
    ADD CONSTRAINT run_pkey PRIMARY KEY (id);


--
-- Name: run_track run_track_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.run_track
    ADD CONSTRAINT run_track_pkey PRIMARY KEY (run_id, number);


--
-- Name: scheduled_tasks scheduled_tasks_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.scheduled_tasks
    ADD CONSTRAINT scheduled_tasks_pkey PRIMARY KEY (task_name, task_instance);


--
-- Name: signed_paper signed_paper_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.signed_paper
    ADD CONSTRAINT signed_paper_pkey PRIMARY KEY (id);


--
-- Name: spring_session_attributes spring_session_attributes_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_pkey PRIMARY KEY (session_primary_id, attribute_name);


--
-- Name: spring_session spring_session_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session
    ADD CONSTRAINT spring_session_pkey PRIMARY KEY (primary_id);


--
-- Name: yard yard_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.yard
    ADD CONSTRAINT yard_pkey PRIMARY KEY (id);


--
-- Name: account_name; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX account_name ON public.account USING btree (lower(name)) WHERE (closed_at IS NULL);


--
-- Name: bay_event_family; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX bay_event_family ON public.bay_event USING btree (family) WHERE (family IS NOT NULL);


--
-- Name: bay_order_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX bay_order_job ON public.bay_order USING btree (job_id);


--
-- Name: bay_photo_order; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX bay_photo_order ON public.bay_photo USING btree (order_id);


--
-- Name: change_made_at; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX change_made_at ON public.change_made USING btree (at DESC);


--
-- Name: flyway_schema_history_s_idx; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);


--
-- Name: photo_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX photo_job ON public.photo USING btree (job_id);


--
-- Name: run_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX run_job ON public.run USING btree (job_id, made_at);


--
-- Name: run_row_t; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX run_row_t ON ONLY public.run_row USING btree (track, t);


--
-- Name: run_span_t; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX run_span_t ON ONLY public.run_span USING btree (track, level, from_t);


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
-- Name: signed_paper_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX signed_paper_job ON public.signed_paper USING btree (job_id);


--
-- Name: spring_session_ix1; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX spring_session_ix1 ON public.spring_session USING btree (session_id);


--
-- Name: spring_session_ix2; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX spring_session_ix2 ON public.spring_session USING btree (expiry_time);


--
-- Name: spring_session_ix3; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX spring_session_ix3 ON public.spring_session USING btree (principal_name);


--
-- Name: run run_partitions; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER run_partitions AFTER INSERT ON public.run FOR EACH ROW EXECUTE FUNCTION public.run_partitions();


--
-- Name: run run_partitions_gone; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER run_partitions_gone AFTER DELETE ON public.run FOR EACH ROW EXECUTE FUNCTION public.run_partitions_gone();


--
-- Name: bay_event bay_event_order_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_event
    ADD CONSTRAINT bay_event_order_id_fkey FOREIGN KEY (order_id) REFERENCES public.bay_order(id) ON DELETE CASCADE;


--
-- Name: bay_order bay_order_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_order
    ADD CONSTRAINT bay_order_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: bay_photo bay_photo_order_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_photo
    ADD CONSTRAINT bay_photo_order_id_fkey FOREIGN KEY (order_id) REFERENCES public.bay_order(id) ON DELETE CASCADE;


--
-- Name: bay_plan bay_plan_order_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bay_plan
    ADD CONSTRAINT bay_plan_order_id_fkey FOREIGN KEY (order_id) REFERENCES public.bay_order(id) ON DELETE CASCADE;


--
-- Name: device device_account_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.device
    ADD CONSTRAINT device_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;


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
-- Name: pairing pairing_account_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pairing
    ADD CONSTRAINT pairing_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;


--
-- Name: photo photo_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: run run_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.run
    ADD CONSTRAINT run_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: run_track run_track_run_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.run_track
    ADD CONSTRAINT run_track_run_id_fkey FOREIGN KEY (run_id) REFERENCES public.run(id) ON DELETE CASCADE;


--
-- Name: signed_paper signed_paper_job_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.signed_paper
    ADD CONSTRAINT signed_paper_job_id_fkey FOREIGN KEY (job_id) REFERENCES public.job(id) ON DELETE CASCADE;


--
-- Name: spring_session_attributes spring_session_attributes_session_primary_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_session_primary_id_fkey FOREIGN KEY (session_primary_id) REFERENCES public.spring_session(primary_id) ON DELETE CASCADE;


--
-- PostgreSQL database dump complete
--


