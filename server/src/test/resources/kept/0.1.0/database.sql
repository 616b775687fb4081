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
-- Name: note_lots_read(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.note_lots_read() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
begin
  insert into lot_read
  select distinct j.garden_id, j.lot_id, r.method
  from fresh r
  join journal j on j.garden_id = r.garden_id and j.id = r.journal_id
  on conflict do nothing;
  return null;
end $$;


SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: act; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.act (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    client_key text NOT NULL,
    kind text NOT NULL,
    recorded_at timestamp with time zone NOT NULL,
    undoes uuid,
    CONSTRAINT act_client_key_check CHECK (((length(client_key) >= 8) AND (length(client_key) <= 64))),
    CONSTRAINT act_kind_check CHECK ((kind = ANY (ARRAY['tick'::text, 'skip'::text, 'reading'::text, 'undo'::text, 'edit'::text, 'given'::text, 'note'::text, 'move'::text, 'pot_on'::text, 'loss'::text, 'split'::text, 'retire'::text, 'amend'::text, 'tend'::text])))
);


--
-- Name: batch; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.batch (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    number integer NOT NULL,
    recipe text NOT NULL,
    recipe_name text NOT NULL,
    recipe_version integer NOT NULL,
    made_on date NOT NULL,
    litres double precision NOT NULL,
    components text[] NOT NULL,
    component_names text[] NOT NULL,
    litres_put double precision[] NOT NULL,
    pot_names text[] NOT NULL,
    pot_counts integer[] NOT NULL,
    stirred_in text,
    stirred_grams double precision,
    first_ph double precision,
    first_ph_typed text,
    notes text NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    added_names text[] DEFAULT '{}'::text[] NOT NULL,
    added_grams double precision[] DEFAULT '{}'::double precision[] NOT NULL,
    CONSTRAINT batch_added CHECK ((cardinality(added_names) = cardinality(added_grams))),
    CONSTRAINT batch_check CHECK ((cardinality(component_names) = cardinality(components))),
    CONSTRAINT batch_check1 CHECK ((cardinality(litres_put) = cardinality(components))),
    CONSTRAINT batch_check2 CHECK ((cardinality(pot_counts) = cardinality(pot_names))),
    CONSTRAINT batch_check3 CHECK (((stirred_in IS NULL) = (stirred_grams IS NULL))),
    CONSTRAINT batch_check4 CHECK (((first_ph IS NULL) = (first_ph_typed IS NULL))),
    CONSTRAINT batch_first_ph_check CHECK (((first_ph >= (2)::double precision) AND (first_ph <= (11)::double precision))),
    CONSTRAINT batch_litres_check CHECK ((litres > (0)::double precision)),
    CONSTRAINT batch_notes_check CHECK ((length(notes) <= 2000)),
    CONSTRAINT batch_number_check CHECK ((number > 0)),
    CONSTRAINT batch_recipe_name_check CHECK (((length(recipe_name) >= 1) AND (length(recipe_name) <= 80))),
    CONSTRAINT batch_recipe_version_check CHECK ((recipe_version >= 0)),
    CONSTRAINT batch_stirred_grams_check CHECK ((stirred_grams > (0)::double precision)),
    CONSTRAINT batch_stirred_in_check CHECK ((length(stirred_in) <= 80)),
    CONSTRAINT batch_version_check CHECK ((version > 0))
);


--
-- Name: calendar_day; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.calendar_day (
    garden_id uuid NOT NULL,
    lot_id uuid NOT NULL,
    feed_on date NOT NULL
);


--
-- Name: calendar_state; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.calendar_state (
    garden_id uuid NOT NULL,
    in_use boolean NOT NULL,
    made_on date,
    address uuid
);


--
-- Name: calibration; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.calibration (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    meter_id uuid NOT NULL,
    made_on date NOT NULL,
    celsius double precision NOT NULL,
    ph4 double precision,
    ph7 double precision,
    ph10 double precision,
    ec double precision,
    compensated boolean NOT NULL,
    adjusted boolean NOT NULL,
    typed text[] NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    CONSTRAINT calibration_celsius_check CHECK (((celsius >= (5)::double precision) AND (celsius <= (35)::double precision))),
    CONSTRAINT calibration_check CHECK (((ph7 IS NOT NULL) OR ((ec IS NOT NULL) AND (ph4 IS NULL) AND (ph10 IS NULL)))),
    CONSTRAINT calibration_ec_check CHECK ((ec > (0)::double precision)),
    CONSTRAINT calibration_version_check CHECK ((version > 0))
);


--
-- Name: change; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.change (
    garden_id uuid NOT NULL,
    id bigint NOT NULL,
    act_id uuid NOT NULL,
    kind text NOT NULL,
    thing_id uuid NOT NULL,
    version integer NOT NULL,
    before jsonb,
    after jsonb NOT NULL,
    CONSTRAINT change_version_check CHECK ((version > 0))
);


--
-- Name: change_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

ALTER TABLE public.change ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.change_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: component; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.component (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    shipped text,
    name text NOT NULL,
    family text NOT NULL,
    grain_from double precision NOT NULL,
    grain_to double precision NOT NULL,
    porosity double precision NOT NULL,
    capacity double precision NOT NULL,
    capacity_column double precision NOT NULL,
    unavailable double precision NOT NULL,
    residual double precision NOT NULL,
    n double precision NOT NULL,
    density double precision NOT NULL,
    ph double precision NOT NULL,
    buffer double precision NOT NULL,
    cec double precision NOT NULL,
    ec double precision NOT NULL,
    wet_years double precision NOT NULL,
    cycled_years double precision NOT NULL,
    pack_kind text NOT NULL,
    pack_printed double precision NOT NULL,
    pack_loose double precision NOT NULL,
    pack_cost double precision,
    currency text,
    typed text[] NOT NULL,
    measured_on date,
    alpha_low double precision,
    alpha_high double precision,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    CONSTRAINT component_buffer_check CHECK ((buffer > (0)::double precision)),
    CONSTRAINT component_capacity_column_check CHECK (((capacity_column >= (2)::double precision) AND (capacity_column <= (60)::double precision))),
    CONSTRAINT component_cec_check CHECK ((cec >= (0)::double precision)),
    CONSTRAINT component_check CHECK ((grain_to >= grain_from)),
    CONSTRAINT component_check1 CHECK (((capacity >= (0)::double precision) AND (capacity <= porosity))),
    CONSTRAINT component_check2 CHECK (((unavailable >= (0)::double precision) AND (unavailable <= capacity))),
    CONSTRAINT component_check3 CHECK (((residual >= (0)::double precision) AND (residual <= capacity))),
    CONSTRAINT component_check4 CHECK ((cycled_years >= wet_years)),
    CONSTRAINT component_check5 CHECK ((((measured_on IS NULL) = (alpha_low IS NULL)) AND ((alpha_low IS NULL) = (alpha_high IS NULL)))),
    CONSTRAINT component_currency_check CHECK ((length(currency) <= 8)),
    CONSTRAINT component_density_check CHECK ((density > (0)::double precision)),
    CONSTRAINT component_ec_check CHECK ((ec >= (0)::double precision)),
    CONSTRAINT component_family_check CHECK ((family = ANY (ARRAY['peat'::text, 'bark'::text, 'mineral'::text]))),
    CONSTRAINT component_grain_from_check CHECK ((grain_from > (0)::double precision)),
    CONSTRAINT component_n_check CHECK ((n > (1)::double precision)),
    CONSTRAINT component_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT component_pack_cost_check CHECK ((pack_cost >= (0)::double precision)),
    CONSTRAINT component_pack_kind_check CHECK ((pack_kind = ANY (ARRAY['bag'::text, 'bale'::text, 'brick'::text]))),
    CONSTRAINT component_pack_loose_check CHECK ((pack_loose > (0)::double precision)),
    CONSTRAINT component_pack_printed_check CHECK ((pack_printed > (0)::double precision)),
    CONSTRAINT component_ph_check CHECK (((ph >= (3)::double precision) AND (ph <= (10)::double precision))),
    CONSTRAINT component_porosity_check CHECK (((porosity >= (5)::double precision) AND (porosity <= (99)::double precision))),
    CONSTRAINT component_version_check CHECK ((version > 0)),
    CONSTRAINT component_wet_years_check CHECK ((wet_years > (0)::double precision))
);


--
-- Name: feed; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.feed (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    n double precision NOT NULL,
    p2o5 double precision NOT NULL,
    k2o double precision NOT NULL,
    form text NOT NULL,
    density double precision,
    ec_factor double precision,
    label text NOT NULL,
    answers text[] NOT NULL,
    words_seen boolean NOT NULL,
    version integer NOT NULL,
    typed text[] DEFAULT '{}'::text[] NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    elements boolean DEFAULT false NOT NULL,
    basis text DEFAULT 'by_weight'::text NOT NULL,
    contents text[] DEFAULT '{}'::text[] NOT NULL,
    chelate text,
    formula text,
    purity double precision,
    own_ml double precision,
    coated_months double precision,
    coated_celsius double precision,
    CONSTRAINT feed_basis_check CHECK ((basis = ANY (ARRAY['by_weight'::text, 'by_volume'::text]))),
    CONSTRAINT feed_chelate_check CHECK ((chelate = ANY (ARRAY['edta'::text, 'dtpa'::text, 'hedta'::text, 'eddha'::text, 'other'::text]))),
    CONSTRAINT feed_coated CHECK (((coated_months IS NULL) = (coated_celsius IS NULL))),
    CONSTRAINT feed_coated_celsius_check CHECK (((coated_celsius >= (15)::double precision) AND (coated_celsius <= (30)::double precision))),
    CONSTRAINT feed_coated_months_check CHECK (((coated_months >= (1)::double precision) AND (coated_months <= (24)::double precision))),
    CONSTRAINT feed_density_check CHECK (((density >= (0.2)::double precision) AND (density <= (2.5)::double precision))),
    CONSTRAINT feed_ec_factor_check CHECK (((ec_factor >= (0)::double precision) AND (ec_factor <= (3)::double precision))),
    CONSTRAINT feed_form_check CHECK ((form = ANY (ARRAY['dry'::text, 'liquid'::text]))),
    CONSTRAINT feed_formula_check CHECK (((length(formula) >= 1) AND (length(formula) <= 80))),
    CONSTRAINT feed_k2o_check CHECK (((k2o >= (0)::double precision) AND (k2o <= (100)::double precision))),
    CONSTRAINT feed_label_check CHECK (((length(label) >= 1) AND (length(label) <= 2000))),
    CONSTRAINT feed_n_check CHECK (((n >= (0)::double precision) AND (n <= (100)::double precision))),
    CONSTRAINT feed_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT feed_own_ml_check CHECK (((own_ml >= (0.1)::double precision) AND (own_ml <= (2000)::double precision))),
    CONSTRAINT feed_p2o5_check CHECK (((p2o5 >= (0)::double precision) AND (p2o5 <= (100)::double precision))),
    CONSTRAINT feed_purity CHECK (((formula IS NULL) = (purity IS NULL))),
    CONSTRAINT feed_purity_check CHECK (((purity >= (20)::double precision) AND (purity <= (100)::double precision))),
    CONSTRAINT feed_version_check CHECK ((version > 0))
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
-- Name: garden; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.garden (
    id uuid NOT NULL,
    name text NOT NULL,
    time_zone text NOT NULL,
    latitude double precision NOT NULL,
    unit_habit text NOT NULL,
    hand text NOT NULL,
    demo boolean NOT NULL,
    version integer NOT NULL,
    created_at timestamp with time zone NOT NULL,
    latitude_typed text DEFAULT ''::text NOT NULL,
    spoons text[] DEFAULT '{tablespoon,teaspoon,half,quarter,eighth}'::text[] NOT NULL,
    trade boolean DEFAULT false NOT NULL,
    CONSTRAINT garden_hand_check CHECK ((hand = ANY (ARRAY['spoons'::text, 'scale'::text]))),
    CONSTRAINT garden_latitude_check CHECK (((latitude >= ('-66'::integer)::double precision) AND (latitude <= (66)::double precision))),
    CONSTRAINT garden_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT garden_unit_habit_check CHECK ((unit_habit = ANY (ARRAY['metric'::text, 'us'::text]))),
    CONSTRAINT garden_version_check CHECK ((version > 0))
);


--
-- Name: journal; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal (
    garden_id uuid NOT NULL,
    id bigint NOT NULL,
    lot_id uuid NOT NULL,
    kind text NOT NULL,
    occurred_at timestamp with time zone NOT NULL,
    recorded_at timestamp with time zone NOT NULL,
    act_id uuid NOT NULL,
    corrects bigint,
    clock_ahead boolean DEFAULT false NOT NULL,
    CONSTRAINT journal_check CHECK (((kind = 'correction'::text) = (corrects IS NOT NULL))),
    CONSTRAINT journal_kind_check CHECK ((kind = ANY (ARRAY['watering'::text, 'feeding'::text, 'skipping'::text, 'reading'::text, 'note'::text, 'moving'::text, 'potting'::text, 'loss'::text, 'splitting'::text, 'retiring'::text, 'tending'::text, 'correction'::text])))
);


--
-- Name: journal_count; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_count (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    pots_before integer NOT NULL,
    pots_after integer NOT NULL,
    other_lot uuid,
    why text NOT NULL,
    CONSTRAINT journal_count_pots_after_check CHECK ((pots_after >= 0)),
    CONSTRAINT journal_count_pots_before_check CHECK ((pots_before >= 0)),
    CONSTRAINT journal_count_why_check CHECK ((length(why) <= 200))
);


--
-- Name: journal_feeding; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_feeding (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    item text NOT NULL,
    feed_id uuid NOT NULL,
    litres_each double precision NOT NULL,
    product_each double precision NOT NULL,
    measure text NOT NULL,
    n_mg_per_l double precision,
    pots integer NOT NULL,
    CONSTRAINT journal_feeding_litres_each_check CHECK ((litres_each >= (0)::double precision)),
    CONSTRAINT journal_feeding_measure_check CHECK ((measure = ANY (ARRAY['grams'::text, 'millilitres'::text]))),
    CONSTRAINT journal_feeding_n_mg_per_l_check CHECK ((n_mg_per_l >= (0)::double precision)),
    CONSTRAINT journal_feeding_pots_check CHECK ((pots > 0)),
    CONSTRAINT journal_feeding_product_each_check CHECK ((product_each >= (0)::double precision))
);


--
-- Name: journal_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

ALTER TABLE public.journal ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.journal_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);


--
-- Name: journal_moving; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_moving (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    from_place uuid NOT NULL,
    to_place uuid NOT NULL
);


--
-- Name: journal_note; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_note (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    text text NOT NULL,
    CONSTRAINT journal_note_text_check CHECK (((length(text) >= 1) AND (length(text) <= 2000)))
);


--
-- Name: journal_potting; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_potting (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    pots integer NOT NULL,
    litres_before double precision NOT NULL,
    litres_after double precision NOT NULL,
    mix_before text NOT NULL,
    mix_after text NOT NULL,
    fresh double precision DEFAULT 100 NOT NULL,
    roots_cut double precision DEFAULT 0 NOT NULL,
    CONSTRAINT journal_potting_fresh_check CHECK (((fresh >= (1)::double precision) AND (fresh <= (100)::double precision))),
    CONSTRAINT journal_potting_litres_after_check CHECK ((litres_after > (0)::double precision)),
    CONSTRAINT journal_potting_litres_before_check CHECK ((litres_before > (0)::double precision)),
    CONSTRAINT journal_potting_pots_check CHECK ((pots > 0)),
    CONSTRAINT journal_potting_roots_cut_check CHECK (((roots_cut >= (0)::double precision) AND (roots_cut <= (60)::double precision)))
);


--
-- Name: journal_reading; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_reading (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    method text NOT NULL,
    meter_id uuid NOT NULL,
    ph double precision,
    ph_typed text,
    ec double precision,
    ec_typed text,
    ec_unit text,
    ph_plus_minus double precision NOT NULL,
    ec_plus_minus double precision NOT NULL,
    ph_shown double precision,
    ec_shown double precision,
    celsius double precision,
    celsius_typed text,
    before_ph double precision,
    before_ph_typed text,
    hours double precision,
    hours_typed text,
    CONSTRAINT journal_reading_before_ph_check CHECK (((before_ph >= (2)::double precision) AND (before_ph <= (11)::double precision))),
    CONSTRAINT journal_reading_celsius_check CHECK (((celsius >= (2)::double precision) AND (celsius <= (40)::double precision))),
    CONSTRAINT journal_reading_check CHECK (((ph IS NOT NULL) OR (ec IS NOT NULL))),
    CONSTRAINT journal_reading_ec_check CHECK (((ec >= (0)::double precision) AND (ec <= (20)::double precision))),
    CONSTRAINT journal_reading_hours_check CHECK (((hours >= (0.25)::double precision) AND (hours <= (48)::double precision))),
    CONSTRAINT journal_reading_method_check CHECK ((method = ANY (ARRAY['can'::text, 'runoff'::text, 'pour_through'::text, 'extract'::text, 'paste'::text, 'soak'::text]))),
    CONSTRAINT journal_reading_ph_check CHECK (((ph >= (2)::double precision) AND (ph <= (11)::double precision)))
);


--
-- Name: journal_seen; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_seen (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    dryness text,
    before_kg double precision,
    after_kg double precision,
    runoff_litres double precision,
    note text,
    CONSTRAINT journal_seen_after_kg_check CHECK ((after_kg > (0)::double precision)),
    CONSTRAINT journal_seen_before_kg_check CHECK ((before_kg > (0)::double precision)),
    CONSTRAINT journal_seen_dryness_check CHECK ((dryness = ANY (ARRAY['wet'::text, 'moist'::text, 'right'::text, 'dry'::text, 'bone_dry'::text]))),
    CONSTRAINT journal_seen_note_check CHECK (((length(note) >= 1) AND (length(note) <= 2000))),
    CONSTRAINT journal_seen_runoff_litres_check CHECK ((runoff_litres >= (0)::double precision))
);


--
-- Name: journal_skipping; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_skipping (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    item text NOT NULL,
    reason text NOT NULL,
    until_on date NOT NULL,
    note text NOT NULL,
    CONSTRAINT journal_skipping_note_check CHECK ((length(note) <= 200)),
    CONSTRAINT journal_skipping_reason_check CHECK ((reason = ANY (ARRAY['still_wet'::text, 'sick'::text, 'weather'::text, 'away'::text, 'no_time'::text, 'other'::text])))
);


--
-- Name: journal_tending; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_tending (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    chore text NOT NULL,
    item text NOT NULL,
    found text,
    product text,
    CONSTRAINT journal_tending_chore_check CHECK ((chore = ANY (ARRAY['pinch'::text, 'deadhead'::text, 'turn'::text, 'stake'::text, 'look_over'::text, 'wrap'::text, 'bring_in'::text, 'unwrap'::text]))),
    CONSTRAINT journal_tending_found_check CHECK ((found = ANY (ARRAY['nothing'::text, 'few'::text, 'many'::text]))),
    CONSTRAINT journal_tending_product_check CHECK (((length(product) >= 1) AND (length(product) <= 80)))
);


--
-- Name: journal_watering; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal_watering (
    garden_id uuid NOT NULL,
    journal_id bigint NOT NULL,
    item text NOT NULL,
    litres_each double precision NOT NULL,
    pots integer NOT NULL,
    flush boolean DEFAULT false NOT NULL,
    CONSTRAINT journal_watering_litres_each_check CHECK ((litres_each >= (0)::double precision)),
    CONSTRAINT journal_watering_pots_check CHECK ((pots > 0))
);


--
-- Name: lot; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lot (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    pots integer NOT NULL,
    species text NOT NULL,
    shape text NOT NULL,
    top_m double precision NOT NULL,
    top_typed text NOT NULL,
    base_m double precision,
    base_typed text,
    height_m double precision NOT NULL,
    height_typed text NOT NULL,
    measured_litres double precision,
    measured_typed text,
    mix text NOT NULL,
    place_id uuid NOT NULL,
    water_id uuid NOT NULL,
    feed_id uuid,
    started_on date NOT NULL,
    repotted_on date,
    version integer NOT NULL,
    across_m double precision,
    across_typed text,
    gap_typed text,
    material text DEFAULT 'plastic'::text NOT NULL,
    watered_before date,
    fed_before date,
    split_from uuid,
    retired boolean DEFAULT false NOT NULL,
    retired_on date,
    retired_why text,
    tall_m double precision,
    tall_typed text,
    traits text[] DEFAULT '{}'::text[] NOT NULL,
    conditions text[] DEFAULT '{}'::text[] NOT NULL,
    rhythm text,
    undrained boolean DEFAULT false NOT NULL,
    flush_by text,
    CONSTRAINT lot_check CHECK (((measured_litres IS NULL) = (measured_typed IS NULL))),
    CONSTRAINT lot_flush_by_check CHECK ((flush_by = 'account'::text)),
    CONSTRAINT lot_material_check CHECK ((material = ANY (ARRAY['plastic'::text, 'fabric'::text, 'clay'::text, 'glazed'::text, 'self_watering'::text]))),
    CONSTRAINT lot_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT lot_pots_check CHECK (((pots >= 1) AND (pots <= 100000))),
    CONSTRAINT lot_retired_why_check CHECK ((length(retired_why) <= 200)),
    CONSTRAINT lot_shape_check CHECK ((shape = ANY (ARRAY['round'::text, 'square'::text, 'box'::text, 'oval'::text, 'bag'::text, 'basket'::text, 'plug'::text]))),
    CONSTRAINT lot_tall CHECK (((tall_m IS NULL) = (tall_typed IS NULL))),
    CONSTRAINT lot_tall_m_check CHECK (((tall_m >= (0.01)::double precision) AND (tall_m <= (20)::double precision))),
    CONSTRAINT lot_version_check CHECK ((version > 0))
);


--
-- Name: lot_chore; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lot_chore (
    garden_id uuid NOT NULL,
    lot_id uuid NOT NULL,
    chore text NOT NULL,
    item text NOT NULL,
    due_on date NOT NULL
);


--
-- Name: lot_move; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lot_move (
    garden_id uuid NOT NULL,
    lot_id uuid NOT NULL,
    move_on date NOT NULL,
    place_id uuid NOT NULL
);


--
-- Name: lot_read; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lot_read (
    garden_id uuid NOT NULL,
    lot_id uuid NOT NULL,
    method text NOT NULL
);


--
-- Name: lot_state; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.lot_state (
    garden_id uuid NOT NULL,
    lot_id uuid NOT NULL,
    last_watered_on date,
    last_fed_on date,
    water_item text NOT NULL,
    feed_item text NOT NULL,
    next_water_on date NOT NULL,
    water_gap_days integer NOT NULL,
    next_feed_on date,
    feed_binding text,
    feed_earliest date,
    feed_latest date,
    due_on date NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    ph_finding text,
    ec_finding text,
    feed_per_day double precision DEFAULT 0 NOT NULL,
    place_id uuid NOT NULL,
    species text NOT NULL,
    name text NOT NULL,
    name_folded text NOT NULL,
    learned double precision DEFAULT 1 NOT NULL,
    learned_low double precision DEFAULT 0.735 NOT NULL,
    learned_high double precision DEFAULT 1.36 NOT NULL,
    learned_from integer DEFAULT 0 NOT NULL,
    last_flushed_on date,
    next_flush_on date,
    rules integer DEFAULT 0 NOT NULL,
    salty_on date,
    salty_litres double precision,
    no_feed_until date,
    feed_share double precision DEFAULT 1 NOT NULL,
    feed_share_until date,
    account_flush_on date,
    account_flush_litres double precision,
    CONSTRAINT lot_state_check CHECK (((next_feed_on IS NULL) = (feed_binding IS NULL))),
    CONSTRAINT lot_state_feed_per_day_check CHECK ((feed_per_day >= (0)::double precision)),
    CONSTRAINT lot_state_feed_share_check CHECK (((feed_share > (0)::double precision) AND (feed_share <= (1)::double precision))),
    CONSTRAINT lot_state_learned_check CHECK ((learned > (0)::double precision))
);


--
-- Name: meter; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.meter (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    scale text,
    ph_plus_minus double precision NOT NULL,
    ec_plus_minus double precision NOT NULL,
    version integer NOT NULL,
    typed text[] DEFAULT '{}'::text[] NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    compensates boolean DEFAULT true NOT NULL,
    probe_since date,
    every_days integer,
    port integer,
    CONSTRAINT meter_ec_plus_minus_check CHECK (((ec_plus_minus >= (0.5)::double precision) AND (ec_plus_minus <= (50)::double precision))),
    CONSTRAINT meter_every_days_check CHECK (((every_days >= 1) AND (every_days <= 365))),
    CONSTRAINT meter_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT meter_ph_plus_minus_check CHECK (((ph_plus_minus >= (0.01)::double precision) AND (ph_plus_minus <= (2)::double precision))),
    CONSTRAINT meter_port_check CHECK (((port >= 1024) AND (port <= 65535))),
    CONSTRAINT meter_scale_check CHECK ((scale = ANY (ARRAY['ppm500'::text, 'ppm640'::text, 'ppm700'::text]))),
    CONSTRAINT meter_version_check CHECK ((version > 0))
);


--
-- Name: place; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.place (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    kind text NOT NULL,
    lows double precision[] NOT NULL,
    highs double precision[] NOT NULL,
    humidity double precision NOT NULL,
    light_share double precision NOT NULL,
    sunshine double precision NOT NULL,
    lamp_hours double precision,
    lamp_ppfd double precision,
    first_frost text,
    last_frost text,
    typed text[] DEFAULT '{}'::text[] NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    air text,
    rain_share double precision,
    aspect text,
    altitude_m double precision,
    CONSTRAINT place_air_check CHECK ((air = ANY (ARRAY['still'::text, 'moving'::text, 'windy'::text]))),
    CONSTRAINT place_altitude_m_check CHECK (((altitude_m >= ('-430'::integer)::double precision) AND (altitude_m <= (5000)::double precision))),
    CONSTRAINT place_aspect_check CHECK ((aspect = ANY (ARRAY['north'::text, 'east'::text, 'south'::text, 'west'::text]))),
    CONSTRAINT place_check CHECK (((lamp_hours IS NULL) = (lamp_ppfd IS NULL))),
    CONSTRAINT place_check1 CHECK (((first_frost IS NULL) = (last_frost IS NULL))),
    CONSTRAINT place_first_frost_check CHECK ((first_frost ~ '^\d\d-\d\d$'::text)),
    CONSTRAINT place_highs_check CHECK ((cardinality(highs) = 12)),
    CONSTRAINT place_humidity_check CHECK (((humidity >= (5)::double precision) AND (humidity <= (100)::double precision))),
    CONSTRAINT place_kind_check CHECK ((kind = ANY (ARRAY['indoors'::text, 'under_glass'::text, 'outdoors'::text]))),
    CONSTRAINT place_lamp_hours_check CHECK (((lamp_hours >= (0)::double precision) AND (lamp_hours <= (24)::double precision))),
    CONSTRAINT place_lamp_ppfd_check CHECK (((lamp_ppfd >= (0)::double precision) AND (lamp_ppfd <= (2000)::double precision))),
    CONSTRAINT place_last_frost_check CHECK ((last_frost ~ '^\d\d-\d\d$'::text)),
    CONSTRAINT place_light_share_check CHECK (((light_share >= (0.01)::double precision) AND (light_share <= (1)::double precision))),
    CONSTRAINT place_lows_check CHECK ((cardinality(lows) = 12)),
    CONSTRAINT place_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT place_rain_share_check CHECK (((rain_share >= (0)::double precision) AND (rain_share <= (1)::double precision))),
    CONSTRAINT place_sunshine_check CHECK (((sunshine >= (0)::double precision) AND (sunshine <= (1)::double precision))),
    CONSTRAINT place_version_check CHECK ((version > 0))
);


--
-- Name: recipe; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.recipe (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    shipped text,
    name text NOT NULL,
    measure text NOT NULL,
    components text[] NOT NULL,
    amounts text[] NOT NULL,
    yield double precision,
    target double precision,
    lime text NOT NULL,
    fineness text NOT NULL,
    neutralising double precision,
    typed text[] NOT NULL,
    notes text NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    amendments text[] DEFAULT '{}'::text[] NOT NULL,
    CONSTRAINT recipe_check CHECK ((cardinality(amounts) = cardinality(components))),
    CONSTRAINT recipe_fineness_check CHECK ((fineness = ANY (ARRAY['powder'::text, 'ground'::text, 'coarse'::text]))),
    CONSTRAINT recipe_lime_check CHECK ((lime = ANY (ARRAY['dolomite'::text, 'calcite'::text, 'shell'::text, 'hydrated'::text]))),
    CONSTRAINT recipe_measure_check CHECK ((measure = ANY (ARRAY['parts'::text, 'percent'::text, 'litres'::text, 'shovels'::text, 'handfuls'::text]))),
    CONSTRAINT recipe_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT recipe_neutralising_check CHECK (((neutralising >= (30)::double precision) AND (neutralising <= (180)::double precision))),
    CONSTRAINT recipe_notes_check CHECK ((length(notes) <= 2000)),
    CONSTRAINT recipe_target_check CHECK (((target >= (3.5)::double precision) AND (target <= (7.5)::double precision))),
    CONSTRAINT recipe_version_check CHECK ((version > 0)),
    CONSTRAINT recipe_yield_check CHECK (((yield >= (60)::double precision) AND (yield <= (100)::double precision)))
);


--
-- Name: species; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.species (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    shipped text,
    name text NOT NULL,
    scientific text NOT NULL,
    family text NOT NULL,
    traits text[] NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    CONSTRAINT species_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT species_scientific_check CHECK (((length(scientific) >= 1) AND (length(scientific) <= 80))),
    CONSTRAINT species_version_check CHECK ((version > 0))
);


--
-- Name: stock; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.stock (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    feed_id uuid,
    mix text,
    amount double precision NOT NULL,
    amount_typed text NOT NULL,
    counted_on date NOT NULL,
    opened_on date,
    pack double precision,
    pack_typed text,
    cost double precision,
    currency text,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    component text,
    CONSTRAINT stock_amount_check CHECK ((amount >= (0)::double precision)),
    CONSTRAINT stock_check1 CHECK (((cost IS NULL) OR (pack IS NOT NULL))),
    CONSTRAINT stock_cost_check CHECK ((cost >= (0)::double precision)),
    CONSTRAINT stock_currency_check CHECK ((length(currency) <= 8)),
    CONSTRAINT stock_of_one CHECK ((num_nonnulls(feed_id, mix, component) = 1)),
    CONSTRAINT stock_pack_check CHECK ((pack > (0)::double precision)),
    CONSTRAINT stock_version_check CHECK ((version > 0))
);


--
-- Name: todo; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.todo (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    lot_id uuid NOT NULL,
    action text NOT NULL,
    read_on date NOT NULL,
    "least" double precision,
    most double precision,
    unit text NOT NULL,
    due_on date NOT NULL,
    until_on date,
    done_on date,
    retired boolean DEFAULT false NOT NULL,
    version integer NOT NULL,
    CONSTRAINT todo_version_check CHECK ((version > 0))
);


--
-- Name: vessel; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.vessel (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    litres double precision NOT NULL,
    version integer NOT NULL,
    litres_typed text DEFAULT ''::text NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    use text DEFAULT 'can'::text NOT NULL,
    CONSTRAINT vessel_litres_check CHECK (((litres >= (0.02)::double precision) AND (litres <= (5000)::double precision))),
    CONSTRAINT vessel_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT vessel_use_check CHECK ((use = ANY (ARRAY['can'::text, 'tub'::text, 'shovel'::text, 'handful'::text, 'drip'::text]))),
    CONSTRAINT vessel_version_check CHECK ((version > 0))
);


--
-- Name: walk; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.walk (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    places uuid[] NOT NULL,
    version integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    CONSTRAINT walk_check CHECK ((id = garden_id)),
    CONSTRAINT walk_version_check CHECK ((version > 0))
);


--
-- Name: water; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.water (
    garden_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    ec double precision NOT NULL,
    ph double precision NOT NULL,
    version integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    kind text DEFAULT 'tap'::text NOT NULL,
    alkalinity double precision,
    contents text[] DEFAULT '{}'::text[] NOT NULL,
    typed text[] DEFAULT '{}'::text[] NOT NULL,
    CONSTRAINT water_alkalinity_check CHECK (((alkalinity >= (0)::double precision) AND (alkalinity <= (1000)::double precision))),
    CONSTRAINT water_ec_check CHECK (((ec >= (0)::double precision) AND (ec <= (5)::double precision))),
    CONSTRAINT water_kind_check CHECK ((kind = ANY (ARRAY['tap'::text, 'rain'::text, 'filtered'::text, 'well'::text]))),
    CONSTRAINT water_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT water_ph_check CHECK (((ph >= (3)::double precision) AND (ph <= (11)::double precision))),
    CONSTRAINT water_version_check CHECK ((version > 0))
);


--
-- Name: weather_day; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.weather_day (
    garden_id uuid NOT NULL,
    day date NOT NULL,
    low_c double precision NOT NULL,
    high_c double precision NOT NULL,
    humidity double precision NOT NULL,
    sun_mj double precision NOT NULL,
    rain_mm double precision NOT NULL,
    wind_ms double precision NOT NULL,
    forecast boolean NOT NULL,
    CONSTRAINT weather_day_check CHECK ((high_c >= low_c)),
    CONSTRAINT weather_day_humidity_check CHECK (((humidity >= (0)::double precision) AND (humidity <= (100)::double precision))),
    CONSTRAINT weather_day_rain_mm_check CHECK ((rain_mm >= (0)::double precision)),
    CONSTRAINT weather_day_sun_mj_check CHECK ((sun_mj >= (0)::double precision)),
    CONSTRAINT weather_day_wind_ms_check CHECK ((wind_ms >= (0)::double precision))
);


--
-- Name: weather_state; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.weather_state (
    garden_id uuid NOT NULL,
    in_use boolean NOT NULL,
    told_at timestamp with time zone,
    failed_at timestamp with time zone
);


--
-- Data for Name: act; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.act (garden_id, id, client_key, kind, recorded_at, undoes) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c36b0ae1-39bd-44ec-bc1d-2814249d6e00	edit-c36b0ae1-39bd-44ec-bc1d-2814249d6e00	edit	2026-05-14 10:09:02.713796+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ee6d6ddc-1c60-47b8-8a84-b4dd2035e924	edit-ee6d6ddc-1c60-47b8-8a84-b4dd2035e924	edit	2026-05-14 10:09:02.809591+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	655e40fb-f068-4721-aa8d-ccb66e5b53a5	edit-655e40fb-f068-4721-aa8d-ccb66e5b53a5	edit	2026-05-14 10:09:02.834018+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8184eb9c-4120-4d40-a6a5-b7c1eabdc25c	edit-8184eb9c-4120-4d40-a6a5-b7c1eabdc25c	edit	2026-05-14 10:09:02.85951+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a758c0fd-12d1-458f-8b75-a853211fd8c1	edit-a758c0fd-12d1-458f-8b75-a853211fd8c1	edit	2026-05-14 10:09:02.882987+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30408e58-7a9c-458a-bff5-279a7ddc2485	edit-30408e58-7a9c-458a-bff5-279a7ddc2485	edit	2026-05-14 10:09:02.891606+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d560a142-6961-4d5b-b6ab-a3d8a478040c	edit-d560a142-6961-4d5b-b6ab-a3d8a478040c	edit	2026-05-14 10:09:02.908262+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fcc5fe4d-cc84-4394-95ff-3402b38887b8	edit-fcc5fe4d-cc84-4394-95ff-3402b38887b8	edit	2026-05-14 10:09:02.925658+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	122b77e0-d9fd-46b7-a586-b81490fea474	edit-122b77e0-d9fd-46b7-a586-b81490fea474	edit	2026-05-14 10:09:02.953757+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e2d6eeb3-3723-4760-b61d-a94f92efcd5c	edit-e2d6eeb3-3723-4760-b61d-a94f92efcd5c	edit	2026-05-14 10:09:02.971344+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c7c4ebc-bfd0-40ea-ae5d-17c7b6cb19ef	edit-4c7c4ebc-bfd0-40ea-ae5d-17c7b6cb19ef	edit	2026-05-14 10:09:02.989975+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2d842348-872e-4bfb-bdff-e1d852652286	edit-2d842348-872e-4bfb-bdff-e1d852652286	edit	2026-05-14 10:09:03.017124+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	57ccfdfc-0ec5-4364-8dc2-6a27dd40793c	edit-57ccfdfc-0ec5-4364-8dc2-6a27dd40793c	edit	2026-05-14 10:09:03.040314+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0130ff25-ee54-4c7f-b8f9-19a934fea192	edit-0130ff25-ee54-4c7f-b8f9-19a934fea192	edit	2026-05-14 10:09:03.048905+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6d8eabc3-6ec6-4f68-998e-ad96e8fc841e	edit-6d8eabc3-6ec6-4f68-998e-ad96e8fc841e	edit	2026-05-14 10:09:03.101002+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	52677023-bdc9-4c1c-8291-48896bc2f3ed	edit-52677023-bdc9-4c1c-8291-48896bc2f3ed	edit	2026-05-14 10:09:03.190261+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2f9f8dc0-323b-44e7-bd3c-fe8a6b1d83e1	edit-2f9f8dc0-323b-44e7-bd3c-fe8a6b1d83e1	edit	2026-05-14 10:09:03.228793+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	73759e6b-d75c-4468-87f0-e684585babfa	edit-73759e6b-d75c-4468-87f0-e684585babfa	edit	2026-05-14 10:09:03.25681+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9c3815fe-419d-4e2f-91d7-503b0e193a11	edit-9c3815fe-419d-4e2f-91d7-503b0e193a11	edit	2026-05-14 10:09:03.646328+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e6fcb61c-a87b-4fdc-a2b2-7ab2d2f9f5c3	demo-260aa628-0	tick	2026-05-14 10:09:03.90266+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9e2de932-95dc-46e7-929e-f131f443db7d	demo-260aa628-1	tick	2026-05-14 10:09:03.994867+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82fd0cfc-b7f3-498f-805a-4584bf3dcb79	demo-260aa628-2	tick	2026-05-14 10:09:04.068565+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dd7288ac-d6fe-43e2-9ac6-2ced79485a4e	demo-260aa628-3	tick	2026-05-14 10:09:04.138022+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17ee07f5-0574-4c4a-89c4-d5e47f55b652	demo-260aa628-4	tick	2026-05-14 10:09:04.191945+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8d55adfe-09ec-4304-89cb-557676037f92	demo-260aa628-5	tick	2026-05-14 10:09:04.23518+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5ee6613c-30ea-405b-8643-26bc165d3d50	demo-260aa628-6	tick	2026-05-14 10:09:04.274295+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ad20fa19-5a37-4fb7-83f4-b5076ae47478	edit-ad20fa19-5a37-4fb7-83f4-b5076ae47478	edit	2026-05-14 10:09:04.325591+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30a73070-4bf1-4eff-9e5c-f930c1beb651	demo-c61a5c7f-0	tick	2026-05-14 10:09:04.355879+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4a51a2fe-7903-48de-90c8-cbc676110282	demo-c61a5c7f-1	tick	2026-05-14 10:09:04.394591+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a13986bb-cccf-4599-889f-69b084065fda	demo-c61a5c7f-2	tick	2026-05-14 10:09:04.42717+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cbc14d39-4e4b-498c-8cc3-8ea5b59784bf	demo-c61a5c7f-3	tick	2026-05-14 10:09:04.464876+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5d2f9656-8bd4-45d0-aee4-e9c51ebdb2ab	demo-c61a5c7f-4	tick	2026-05-14 10:09:04.507472+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a09d25ad-9106-4897-827c-b59cc01d67a7	demo-c61a5c7f-5	tick	2026-05-14 10:09:04.552125+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9f1a5e8d-b950-42e9-9675-441d2e492529	edit-9f1a5e8d-b950-42e9-9675-441d2e492529	edit	2026-05-14 10:09:04.607087+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0e2b37df-b467-4838-bada-ab346db1646e	demo-050bcb27-0	tick	2026-05-14 10:09:04.768721+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3b1e10c4-27ad-454d-8dc2-658a8e3b538b	demo-050bcb27-1	tick	2026-05-14 10:09:04.800811+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f036d2fb-a40b-48ad-a885-584128e462d3	demo-050bcb27-2	tick	2026-05-14 10:09:04.835581+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	846096c7-4a13-4286-be26-6f41ac5ef8d3	demo-050bcb27-3	tick	2026-05-14 10:09:04.873365+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	df75b4d5-6a5b-4b2b-868a-435fe5144bf0	demo-050bcb27-4	tick	2026-05-14 10:09:04.90158+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d191ed10-5ae3-4388-8e91-f37827c81ddf	demo-050bcb27-5	tick	2026-05-14 10:09:04.932096+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c5ef1804-de33-4de9-8794-dde2185a417a	demo-050bcb27-6	tick	2026-05-14 10:09:04.967209+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c17893c-2270-4015-b166-36882e452c19	demo-050bcb27-7	tick	2026-05-14 10:09:05.00382+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7757dc80-a798-4a79-9143-1d8d145b3e60	demo-050bcb27-8	tick	2026-05-14 10:09:05.034451+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3bc2c5f7-9628-495e-b36c-05ceb0c55856	demo-050bcb27-9	tick	2026-05-14 10:09:05.066423+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7e41d336-2921-4a85-93f0-36f23590c1a6	demo-050bcb27-10	tick	2026-05-14 10:09:05.118105+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050c557f-c499-4bbd-9ef3-700d0aa2ae97	demo-050bcb27-11	tick	2026-05-14 10:09:05.155151+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	38896d43-40e8-4a74-a625-d9d4442c9766	edit-38896d43-40e8-4a74-a625-d9d4442c9766	edit	2026-05-14 10:09:05.259584+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f339b1ed-cca7-449c-a7e6-d52c6f390694	demo-cfc15d41-0	tick	2026-05-14 10:09:05.283107+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25b4d9e8-5d3c-4931-a0a1-8c355b1dcabc	demo-cfc15d41-1	tick	2026-05-14 10:09:05.313631+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	01071efa-cc79-4939-9d8a-b6394f9c4edf	demo-cfc15d41-2	tick	2026-05-14 10:09:05.343804+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	76cfdb6b-11a0-43e8-82b1-079afd414362	demo-cfc15d41-3	tick	2026-05-14 10:09:05.373313+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98846a2d-d291-4548-9ebc-2223b128b572	demo-cfc15d41-4	tick	2026-05-14 10:09:05.404198+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	12f0ff34-f17a-44e7-8134-5ed2a786cf5c	demo-cfc15d41-5	tick	2026-05-14 10:09:05.43393+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6378a86b-2c25-45ba-9444-cb5c8d8419ae	demo-cfc15d41-6	tick	2026-05-14 10:09:05.461265+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b2221404-3381-45c5-b18c-e30f1d57343e	demo-cfc15d41-7	tick	2026-05-14 10:09:05.501814+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fb32e4f7-0e38-4c36-9de5-dfa4d364afe9	demo-cfc15d41-8	tick	2026-05-14 10:09:05.530716+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a1b4bde3-e393-4c13-8a95-388f315d502e	demo-cfc15d41-9	tick	2026-05-14 10:09:05.558814+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	aebef126-868d-4d28-8982-656f21d53b74	demo-cfc15d41-10	tick	2026-05-14 10:09:05.586984+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ff9a67ae-8ad6-49be-81e6-66b1fdb2a8ef	edit-ff9a67ae-8ad6-49be-81e6-66b1fdb2a8ef	edit	2026-05-14 10:09:05.621875+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e2b446c5-f152-4c3e-b6b5-033beefe76de	demo-b3c142b1-0	tick	2026-05-14 10:09:05.708847+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4a0ace28-fb97-4a11-9e18-5bd84774bc8a	demo-b3c142b1-1	tick	2026-05-14 10:09:05.738973+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	203fcf76-d7bf-48d0-8982-6b7146231860	demo-b3c142b1-2	tick	2026-05-14 10:09:05.769061+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	667d88c4-f107-48fb-83ae-5657e49a8793	demo-b3c142b1-3	tick	2026-05-14 10:09:05.799929+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4868c4d-6892-4113-8e92-db3ed5a7aa52	demo-b3c142b1-4	tick	2026-05-14 10:09:05.8295+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	084bd9ef-6a23-45eb-a161-87ae3ce45324	demo-b3c142b1-5	tick	2026-05-14 10:09:05.858754+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	09088967-4162-4d58-a774-ac71a3c13568	demo-b3c142b1-6	tick	2026-05-14 10:09:05.888343+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	647641f1-b69e-4395-960b-6f9a8aeab7d1	demo-b3c142b1-7	tick	2026-05-14 10:09:05.918422+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d15df7d9-97b6-4dc2-8adc-4d6673b96ee1	demo-b3c142b1-8	tick	2026-05-14 10:09:05.947223+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14c8dd2a-e269-4d6b-9e64-b5a31dac7e81	demo-b3c142b1-9	tick	2026-05-14 10:09:05.977277+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2a5645c0-aeac-4ac8-ba6c-511131bfd422	demo-b3c142b1-10	tick	2026-05-14 10:09:06.005271+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	483a589d-737b-410c-8a87-84f898666981	demo-b3c142b1-11	tick	2026-05-14 10:09:06.049298+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fbd21f88-3927-47c3-ae2b-0a94eb6d2a37	demo-b3c142b1-12	tick	2026-05-14 10:09:06.079107+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cdac5d16-622c-40ac-8870-4da0f623e2d4	demo-b3c142b1-13	tick	2026-05-14 10:09:06.106058+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2a1d5ca2-70a8-40c1-8db4-ba20a3ed233e	demo-b3c142b1-14	tick	2026-05-14 10:09:06.13505+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	df257787-777e-4ef4-bfc1-0205471eb356	demo-b3c142b1-15	tick	2026-05-14 10:09:06.192988+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fab7aed5-3ae0-47b3-9c1a-84379b6ed7e8	demo-b3c142b1-16	tick	2026-05-14 10:09:06.224462+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eae7051e-250d-489a-8090-83f5517f7253	demo-b3c142b1-17	tick	2026-05-14 10:09:06.256107+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	273d7e90-ce14-41b2-80f9-3e7b9a1c485d	edit-273d7e90-ce14-41b2-80f9-3e7b9a1c485d	edit	2026-05-14 10:09:06.300805+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	50141a9e-7f8d-4468-ab78-bf2ab66f275b	demo-2530db15-0	tick	2026-05-14 10:09:06.326671+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2bd1cc0f-4199-4971-9bc7-7bb390aece13	demo-2530db15-1	tick	2026-05-14 10:09:06.35671+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c64206cc-6a33-4179-b02c-710c6d22c121	demo-2530db15-2	tick	2026-05-14 10:09:06.390068+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	758c3168-a634-4103-b720-7d9eae66adaa	demo-2530db15-3	tick	2026-05-14 10:09:06.420818+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	76c2b285-44cd-47e2-ab84-8ddafb5ef421	demo-2530db15-4	tick	2026-05-14 10:09:06.450191+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d91fc7eb-62a2-4966-9a37-cb00273a52a3	demo-summer-1	move	2026-05-14 10:09:06.484632+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bbf85841-8a13-4b6f-8f62-c802708f30c9	edit-bbf85841-8a13-4b6f-8f62-c802708f30c9	edit	2026-05-14 10:09:06.52736+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b7674be6-1fb4-40b8-8429-4ebaae30b8c3	demo-888617e8-0	tick	2026-05-14 10:09:06.62895+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ab3ffdd4-e416-45d1-b2a2-2cbc2cde7a9e	demo-888617e8-1	tick	2026-05-14 10:09:06.653024+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	489264e8-358d-4aae-ab22-2d092b44c371	demo-888617e8-2	tick	2026-05-14 10:09:06.686319+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	390846af-7bdc-40a5-8de1-e26d5d48c916	demo-888617e8-3	tick	2026-05-14 10:09:06.712282+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9db2dbe4-bd01-47b5-9b78-110c4efdc240	demo-888617e8-4	tick	2026-05-14 10:09:06.745319+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17469402-d287-49f2-88f8-b012544df2fb	demo-888617e8-5	tick	2026-05-14 10:09:06.774824+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d35c90a0-6cbe-486d-ab42-aab89d342a3c	demo-888617e8-6	tick	2026-05-14 10:09:06.806757+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	00bc6d99-3f31-4f1c-b054-4cfa523d1a47	demo-888617e8-7	tick	2026-05-14 10:09:06.833181+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6d055496-c72e-472f-af68-a58968d58ae9	demo-888617e8-8	tick	2026-05-14 10:09:06.850471+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82fe8522-6474-4412-8d3f-a27966d8b9c6	demo-888617e8-9	tick	2026-05-14 10:09:06.872688+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a4bbf5d1-6f95-4e54-856a-499cb599d7d7	demo-888617e8-10	tick	2026-05-14 10:09:06.890737+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c9dde20b-5c1a-4b04-b97e-a99486e27406	demo-888617e8-11	tick	2026-05-14 10:09:06.909698+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bdc5e26e-f943-4581-8a43-80aa26ae5ee4	demo-888617e8-12	tick	2026-05-14 10:09:06.92888+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e4390a5-79a9-4ab0-bb28-71166c6806fb	demo-888617e8-13	tick	2026-05-14 10:09:06.951669+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30851854-bad8-4f8d-8b06-27397ec7dbf4	demo-888617e8-14	tick	2026-05-14 10:09:06.976159+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e4791afa-08ee-4bd8-accf-db0eea542d4c	demo-888617e8-15	tick	2026-05-14 10:09:06.998302+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3028025b-ed0a-4109-9999-f9a838face90	demo-888617e8-16	tick	2026-05-14 10:09:07.022656+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	830304ce-b98b-43d6-8c74-7030c09d9eeb	demo-888617e8-17	tick	2026-05-14 10:09:07.052449+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	457598ba-9608-4f70-a98c-485ad6aa1710	edit-457598ba-9608-4f70-a98c-485ad6aa1710	edit	2026-05-14 10:09:07.22405+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ab1b9987-e1f3-4704-a08b-d634289db9a4	demo-d7b06259-0	tick	2026-05-14 10:09:07.258615+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bd160556-025a-470c-812e-81e3767a2766	demo-d7b06259-1	tick	2026-05-14 10:09:07.278665+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4a982336-abbf-4f27-9fb7-6a5b8b84ab0c	demo-d7b06259-2	tick	2026-05-14 10:09:07.297699+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	450b9452-99ea-41cc-8e49-6ce6aabdfe25	demo-d7b06259-3	tick	2026-05-14 10:09:07.323984+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dda6471b-d8da-409e-98e8-1f0c804d1448	demo-d7b06259-4	tick	2026-05-14 10:09:07.351269+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3e9cbc11-10fb-453e-b6b0-c94cbacb4dca	demo-d7b06259-5	tick	2026-05-14 10:09:07.372161+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ea552d76-7816-4872-bed1-3b643172d058	demo-d7b06259-6	tick	2026-05-14 10:09:07.395071+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32e4b1b4-763e-43c6-b50d-50eacfc8860d	demo-d7b06259-7	tick	2026-05-14 10:09:07.414545+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7fc07d87-fed6-48a8-8f1e-17ec784e2095	demo-d7b06259-8	tick	2026-05-14 10:09:07.434272+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	973b7e10-7517-46c4-9e92-9b817d34810f	demo-d7b06259-9	tick	2026-05-14 10:09:07.45844+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b737f7d8-c8ec-4081-b147-b6f362f698db	demo-d7b06259-10	tick	2026-05-14 10:09:07.481024+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fa3deae2-859e-4c2c-a96b-4d5b4f462489	demo-d7b06259-11	tick	2026-05-14 10:09:07.502757+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7def8b2f-e264-48be-84f4-0d0bb28ff24c	demo-d7b06259-12	tick	2026-05-14 10:09:07.529533+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4372dce9-f3d0-4477-81bd-1b3f4c04ac2c	demo-d7b06259-13	tick	2026-05-14 10:09:07.551002+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9c874587-8a3c-4f7f-92e4-5e497e045b70	demo-d7b06259-14	tick	2026-05-14 10:09:07.574019+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7e609635-75e5-4bd8-b5c1-b691fec5baba	edit-7e609635-75e5-4bd8-b5c1-b691fec5baba	edit	2026-05-14 10:09:07.599718+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46dfcb24-05a3-43d6-9632-02ccc42605a0	demo-5c05fc83-0	tick	2026-05-14 10:09:07.615242+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d0fae86e-50e6-4953-b237-518d525145c6	demo-5c05fc83-1	tick	2026-05-14 10:09:07.63619+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f2f5d387-ded0-4273-9d9a-b3b325fa013a	demo-5c05fc83-2	tick	2026-05-14 10:09:07.65797+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c450fc63-dc73-4999-bc7d-1f85a65cd106	demo-5c05fc83-3	tick	2026-05-14 10:09:07.680119+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dc6f5604-c99e-4fd0-8e13-f126f1a7123b	demo-5c05fc83-4	tick	2026-05-14 10:09:07.699284+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e4d4f87-6201-418c-bf15-fe015dcf7140	demo-5c05fc83-5	tick	2026-05-14 10:09:07.724718+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e98330d-e4d1-429c-b840-4c2eba733ad0	demo-5c05fc83-6	tick	2026-05-14 10:09:07.767477+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47338693-abe3-459b-8fe6-5c7d4cabcea1	demo-5c05fc83-7	tick	2026-05-14 10:09:07.791457+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	18178f62-eae5-4db7-b868-d6f3631055b2	demo-5c05fc83-8	tick	2026-05-14 10:09:07.810318+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4de0258c-96d4-44f1-a96a-f4caea97a7c7	demo-5c05fc83-9	tick	2026-05-14 10:09:07.832316+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	729721f2-a8b1-4f48-b3ae-a4f954db3bc6	demo-5c05fc83-10	tick	2026-05-14 10:09:07.852249+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96fc782f-1fb1-4938-a6dd-61e869bf5796	demo-5c05fc83-11	tick	2026-05-14 10:09:07.874255+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc700201-064e-4dfe-85c7-9f2de7f58127	demo-5c05fc83-12	tick	2026-05-14 10:09:07.894871+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1571cbe2-14bc-470f-8a53-52a2e2c45b15	demo-5c05fc83-13	tick	2026-05-14 10:09:07.91799+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4b724867-88ee-4ec9-9e17-c95f7d2fbe3b	demo-5c05fc83-14	tick	2026-05-14 10:09:07.944919+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3056714c-d528-4d15-8ea0-24c535def479	edit-3056714c-d528-4d15-8ea0-24c535def479	edit	2026-05-14 10:09:07.977039+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	61d03ad5-a0a6-4999-8a3c-1617d41693b2	demo-0d168206-0	tick	2026-05-14 10:09:08.001578+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0f0561f0-7577-45eb-a454-e17e98028888	demo-0d168206-1	tick	2026-05-14 10:09:08.030681+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a3ee4a24-85a2-4ce1-bcd0-ebc747f9907e	demo-0d168206-2	tick	2026-05-14 10:09:08.047472+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	81b08820-ca15-465b-82a2-16d7200002bd	demo-0d168206-3	tick	2026-05-14 10:09:08.065488+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bf63cd7f-cb49-4fa6-a9a0-35f312dd4d59	demo-0d168206-4	tick	2026-05-14 10:09:08.088939+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2d1fb634-ebf9-4180-8058-465d238fb5a2	demo-0d168206-5	tick	2026-05-14 10:09:08.106923+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e133dcb3-3bb9-4701-ade8-cc38d5fe7d80	demo-0d168206-6	tick	2026-05-14 10:09:08.126035+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	047277db-80ec-44e4-80fb-aee13779b7c8	demo-0d168206-7	tick	2026-05-14 10:09:08.145759+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	68db6acf-1f9e-4838-a156-4e4deb7f09d7	demo-0d168206-8	tick	2026-05-14 10:09:08.168978+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35bb1f70-e601-4baa-8fac-3abb837bc31a	demo-0d168206-9	tick	2026-05-14 10:09:08.189195+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15fe2100-785b-4fce-b0ba-159ab6ef3d9f	demo-0d168206-10	tick	2026-05-14 10:09:08.207791+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dd93154f-b0a7-48e5-88c5-7b511029af68	demo-0d168206-11	tick	2026-05-14 10:09:08.226101+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c85a939-a4f0-4022-bbd9-726cd430375f	demo-0d168206-12	tick	2026-05-14 10:09:08.24691+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	24ea0926-9354-4c0e-b4e3-b94d7f2fdee6	demo-0d168206-13	tick	2026-05-14 10:09:08.273028+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d6fc672a-3dce-4938-aa03-27aae0a80aa0	demo-0d168206-14	tick	2026-05-14 10:09:08.29794+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92e2bc4d-7a1c-4552-bf85-33c15747ee90	demo-0d168206-15	tick	2026-05-14 10:09:08.317815+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1a000574-97b1-484b-b0b7-d2771b4f00d0	demo-0d168206-16	tick	2026-05-14 10:09:08.336077+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a2268fb5-04e4-49ed-ab26-c4c10089d497	demo-0d168206-17	tick	2026-05-14 10:09:08.359288+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e340fc54-5cc7-4862-a5e3-a56b793c5a7e	demo-0d168206-18	tick	2026-05-14 10:09:08.381541+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	966407a1-3ded-4a8e-a1b5-36673f54a116	demo-0d168206-19	tick	2026-05-14 10:09:08.400582+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e80dda1d-f96d-4d5e-831a-56a18e6bbf35	demo-0d168206-20	tick	2026-05-14 10:09:08.419632+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	506e18f0-00b0-4ce0-bcfd-31f15a099dd2	demo-0d168206-21	tick	2026-05-14 10:09:08.438011+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	286536c1-b57a-4d39-94bf-420f0d2b6e95	demo-0d168206-22	tick	2026-05-14 10:09:08.459146+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3c34d303-6f52-4fca-90cd-17de16a4a8d8	edit-3c34d303-6f52-4fca-90cd-17de16a4a8d8	edit	2026-05-14 10:09:08.481995+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1eccf7f3-ac65-4908-b440-05b19a0cba36	demo-cc475193-0	tick	2026-05-14 10:09:08.495397+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1531731b-6e35-4559-aff2-37ea3a255fbe	demo-cc475193-1	tick	2026-05-14 10:09:08.511573+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	21ae830f-203b-48be-9e49-1ab7499df509	demo-cc475193-2	tick	2026-05-14 10:09:08.529877+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62854779-3c29-482b-86d4-194568ccd581	demo-cc475193-3	tick	2026-05-14 10:09:08.549714+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dfdf2868-95fb-4f25-aac3-30a85d7a9788	demo-cc475193-4	tick	2026-05-14 10:09:08.571309+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4618aa43-96f2-4d6c-8f95-431174eadbee	demo-cc475193-5	tick	2026-05-14 10:09:08.591607+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5dd8f8ec-6a14-4c0e-9925-23e006efb098	demo-cc475193-6	tick	2026-05-14 10:09:08.611744+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f4c9e95e-a38a-4cea-9b2c-85d1e572fb88	demo-cc475193-7	tick	2026-05-14 10:09:08.630694+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	71298984-e1cc-45cd-ab8a-6621604142a8	demo-cc475193-8	tick	2026-05-14 10:09:08.652684+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c5fdea2e-d416-412d-867f-052868ff43af	demo-cc475193-9	tick	2026-05-14 10:09:08.674649+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6e3067da-7850-4ad0-abac-7cbd9f87fc64	demo-cc475193-10	tick	2026-05-14 10:09:08.693608+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17b89cfd-e04c-41ff-a324-0ad0dec2b847	demo-cc475193-11	tick	2026-05-14 10:09:08.711047+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	01ec3717-5027-4acb-bd85-057a1928f09f	demo-cc475193-12	tick	2026-05-14 10:09:08.731928+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2e827b92-8d3f-4fe8-ab34-70a495deb2db	demo-cc475193-13	tick	2026-05-14 10:09:08.749878+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96e80368-0f41-42b7-bc3f-b139c4c71332	demo-cc475193-14	tick	2026-05-14 10:09:08.812748+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8722e0d6-f37c-4198-a5c6-74416cad65fe	demo-cc475193-15	tick	2026-05-14 10:09:08.839163+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	af074471-cf48-4d25-bc28-fc794061d2f4	demo-cc475193-16	tick	2026-05-14 10:09:08.860167+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f87e8f21-20c8-4b18-a15a-e95d356352b9	demo-cc475193-17	tick	2026-05-14 10:09:08.879057+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	931f77a0-e08b-4a4b-91ee-08df8dfb65a4	demo-cc475193-18	tick	2026-05-14 10:09:08.918085+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	69683e99-0c24-43bf-abf5-f6fb4a78cecb	demo-cc475193-19	tick	2026-05-14 10:09:08.949808+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e70b8c5d-291c-42dc-bfa8-e650e1cb5b90	demo-cc475193-20	tick	2026-05-14 10:09:08.968581+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a0d5ff00-4252-4d4d-aedf-5d5eebd45405	demo-cc475193-21	tick	2026-05-14 10:09:08.999002+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	654dbb8d-444b-4e6e-b32b-c62767953ba4	edit-654dbb8d-444b-4e6e-b32b-c62767953ba4	edit	2026-05-14 10:09:09.12916+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a0a71d76-d81e-41e4-bf71-791eaa57fc54	demo-d094483e-0	tick	2026-05-14 10:09:09.142946+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3e8d0864-e50f-4ec5-951c-dc6ad9a8c883	demo-d094483e-1	tick	2026-05-14 10:09:09.159183+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	213f39ab-9fb4-4d61-86a2-bb2184f349e2	demo-d094483e-2	tick	2026-05-14 10:09:09.177102+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3f58f314-72b8-4163-b88c-b674c104255d	demo-d094483e-3	tick	2026-05-14 10:09:09.193432+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4b24d071-6574-4777-9336-addc89eb00e2	demo-d094483e-4	tick	2026-05-14 10:09:09.211227+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bd97bcd2-0918-4080-bf39-62c6755d545b	demo-d094483e-5	tick	2026-05-14 10:09:09.228302+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0dba25f2-9c4a-40a2-9b67-261f3b1ba870	demo-d094483e-6	tick	2026-05-14 10:09:09.245667+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b53e1f82-0cf7-48db-8778-bfb8ee988419	demo-d094483e-7	tick	2026-05-14 10:09:09.264166+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2d047da4-1f2e-4442-ba99-a37328d93c30	demo-d094483e-8	tick	2026-05-14 10:09:09.282614+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9edb5f6a-e266-49ef-b287-5f09e221f64f	demo-d094483e-9	tick	2026-05-14 10:09:09.301137+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0e989f50-1ad7-4c2f-b612-dbd41521f273	demo-d094483e-10	tick	2026-05-14 10:09:09.320078+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5d88a76e-4e5d-422f-a2c3-c5a9bc109f7d	demo-d094483e-11	tick	2026-05-14 10:09:09.337327+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	69e7a671-86f1-4f58-894b-774e72a73a78	demo-d094483e-12	tick	2026-05-14 10:09:09.355615+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	80bfd173-fb0e-40f5-b388-575b12a753e5	demo-d094483e-13	tick	2026-05-14 10:09:09.372023+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5feb999c-4683-4170-b5d0-9eba9389afa0	demo-d094483e-14	tick	2026-05-14 10:09:09.392109+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e50bfe29-4620-4866-b8f2-7701972efc80	demo-d094483e-15	tick	2026-05-14 10:09:09.411617+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	af9ee813-f373-4c6c-a82d-f4c590823279	demo-d094483e-16	tick	2026-05-14 10:09:09.430396+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9780058b-ec97-4f6f-8fcd-6034568dc676	demo-d094483e-17	tick	2026-05-14 10:09:09.446138+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c694dd5c-36d0-4a43-ae24-43742151d843	edit-c694dd5c-36d0-4a43-ae24-43742151d843	edit	2026-05-14 10:09:09.467565+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	db25e6cf-f917-40ed-a115-a12d7afb6fe9	edit-db25e6cf-f917-40ed-a115-a12d7afb6fe9	edit	2026-05-14 10:09:09.478131+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46043221-9654-4aad-8cb5-764d23047fb3	edit-46043221-9654-4aad-8cb5-764d23047fb3	edit	2026-05-14 10:09:09.484358+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4d3ba4df-874e-44f0-9a67-b74fa0f7e0e3	edit-4d3ba4df-874e-44f0-9a67-b74fa0f7e0e3	edit	2026-05-14 10:09:09.490131+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4ad6e638-f588-4628-86e1-bbfb26cd7a0b	edit-4ad6e638-f588-4628-86e1-bbfb26cd7a0b	edit	2026-05-14 10:09:09.495378+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d98b1540-656c-4f5f-9121-b84f17aaf88d	demo-note-1	note	2026-05-14 10:09:09.501001+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	03e5d87b-e82a-498a-88e7-170cc98b14d7	demo-tending-1	tend	2026-05-14 10:09:09.50926+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eb37195d-6bd9-42df-96f6-7535fab6d514	demo-tending-2	tend	2026-05-14 10:09:09.528024+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d37cf10b-6f50-4145-b11f-23617068ab3d	demo-tending-3	tend	2026-05-14 10:09:09.54206+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43ad4271-043c-4873-95be-b9faa6961856	demo-tending-4	tend	2026-05-14 10:09:09.554136+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1d0b0b06-f3d7-4102-915e-1294147c08ac	demo-tending-5	tend	2026-05-14 10:09:09.571792+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30ce7892-3322-4ec3-8e3d-b8328adc3607	demo-tending-6	tend	2026-05-14 10:09:09.589001+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5f849d8a-a2bf-46b9-b7c9-da17155606f2	demo-tending-8	tend	2026-05-14 10:09:09.601617+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	94739450-746c-4a84-9eee-0a6a82b2b8da	demo-tending-9	tend	2026-05-14 10:09:09.619005+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e0a4610d-6c78-4efe-b169-ee5c2f83e590	demo-tending-10	tend	2026-05-14 10:09:09.632371+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b249a156-fc58-4f0a-9c57-ae09b24a14f2	demo-tending-11	tend	2026-05-14 10:09:09.653542+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c35161fa-3b1c-43aa-a2e0-d439aa53ab81	demo-tending-12	tend	2026-05-14 10:09:09.667918+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3c5a09bb-ea4a-4a5e-99f0-9f7bc01c3e9a	demo-tending-13	tend	2026-05-14 10:09:09.679498+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	29c3d696-2780-4457-9e6f-e1aa403edc69	demo-tending-15	tend	2026-05-14 10:09:09.693502+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47e28c2f-9c9d-4e16-8acf-19897827e1a1	demo-tending-16	tend	2026-05-14 10:09:09.709812+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5f5058de-3bb9-4cc1-afbd-0f0b822979d7	demo-tending-17	tend	2026-05-14 10:09:09.72592+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ef66c64-8d2c-4c3b-bbea-2434bab30954	demo-tending-18	tend	2026-05-14 10:09:09.744136+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8acaa9d0-f566-4145-a5a1-bd79c120799d	demo-tending-19	tend	2026-05-14 10:09:09.761628+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23377db9-e8ef-4cec-9160-37857a448186	demo-tending-20	tend	2026-05-14 10:09:09.77586+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	429e393d-c0b5-4a45-9623-caee9f1b9f98	demo-tending-22	tend	2026-05-14 10:09:09.790483+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ceb212f-01e1-4dd0-a788-0b6a15b2033b	demo-tending-23	tend	2026-05-14 10:09:09.808585+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8197407d-2f37-4d0a-a437-b6f71c0d9365	demo-reading-streptocarpus-0	reading	2026-05-14 10:09:09.843195+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	634603e8-23fb-4af6-bd6d-292d6d00ab8f	demo-reading-streptocarpus-1	reading	2026-05-14 10:09:09.888401+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3cd7686b-d374-4a66-8f39-dd00a05f1b1a	demo-reading-streptocarpus-2	reading	2026-05-14 10:09:09.905294+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b4afd3bb-dbc6-41fa-af7f-103479eb666d	demo-reading-streptocarpus-3	reading	2026-05-14 10:09:09.921729+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98ad1a4a-cef6-47df-84c9-a229eab58651	demo-soak-1	reading	2026-05-14 10:09:09.941797+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	686ac475-74b3-4f73-8252-4bef13374bd0	demo-reading-hoya-0	reading	2026-05-14 10:09:09.959492+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e141bb56-48b9-4787-bfdf-20dd26ef91c8	demo-reading-hoya-1	reading	2026-05-14 10:09:09.975651+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7eb040b2-da05-49d8-a7a5-c0c3fac4fac3	demo-reading-maidenhair-0	reading	2026-05-14 10:09:09.992364+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9d0552e7-1db0-45b7-a10d-18df0b774dd0	demo-reading-maidenhair-1	reading	2026-05-14 10:09:10.010822+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	532400e0-7bbc-41a7-baa1-c6613663b715	demo-reading-maidenhair-2	reading	2026-05-14 10:09:10.031264+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47ed1835-9d9a-4341-8667-790bc3e51f1a	demo-reading-hawthorn_bonsai-0	reading	2026-05-14 10:09:10.054285+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ff7b4a50-f03f-499a-aa6e-c686f7efe3f5	demo-reading-fuchsia-0	reading	2026-05-14 10:09:10.076076+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	56de0bd3-2614-43b6-94e4-7a3779b232ac	demo-reading-fuchsia-1	reading	2026-05-14 10:09:10.096708+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	135b7240-4191-4e9e-9114-e45b9a227b6d	demo-reading-fuchsia-2	reading	2026-05-14 10:09:10.123128+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17a6df9f-bea3-4434-981c-07924d013954	demo-reading-fuchsia-3	reading	2026-05-14 10:09:10.147744+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f5f40aab-20c3-4cc6-8e6c-bb8c9a76aa43	demo-reading-fuchsia-4	reading	2026-05-14 10:09:10.172257+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d49cdee3-02c6-44d7-9baa-0a4ca03ea4bc	demo-reading-clivia-0	reading	2026-05-14 10:09:10.193845+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fea2fac8-df42-48ec-9780-a974c149d9d6	demo-reading-clivia-1	reading	2026-05-14 10:09:10.212364+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7c187f28-6e27-4033-897b-2ad6eeca06f5	demo-reading-clivia-2	reading	2026-05-14 10:09:10.227114+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0f9d28cb-8ba3-46aa-8978-c56a6ab44908	demo-reading-clivia-3	reading	2026-05-14 10:09:10.242405+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98c8cdf8-9602-4d0b-b781-e81e06e4500c	9341695a31b847eb9a63954aaae66a4b	given	2026-05-14 10:09:22.501168+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f90aaa30-feb1-4daf-9230-a0b96c6fcbe5	be7730e03d034cadb399a2487d4a4866	given	2026-05-14 10:09:22.607843+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	608b4bdd-1922-489e-b6df-0857964743ae	3f2e535892b44c1591729048fe0f1b11	given	2026-05-14 10:09:22.659786+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a5280fa7-c1f4-4ace-8bad-59d0c23d0514	d83367952fb9413da8f1cf189d07710c	given	2026-05-14 10:09:22.71009+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d26f66d0-6511-46b0-a8ae-25a6c5a7c281	fcde18bec65c4eb3ad3e324db94f8d16	given	2026-05-14 10:09:22.773655+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1bf07d12-10b7-4ffd-a9ce-e227300ede79	320863a807fd44ac934019997762eece	given	2026-05-14 10:09:22.840022+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bdf00624-4741-42c2-9042-7b1fbfe25ed0	dd02293fccbc4b0d881e3ebf1d34a371	given	2026-05-14 10:09:22.902638+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4fee002e-6948-48b8-82ad-294cca3c9336	0ee92d75a527426497f5cc6aaafe7ff1	given	2026-05-14 10:09:22.960276+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eec26345-3ea3-47ac-822c-218b91017874	581fdbe7a8254c019c6e9129a4d1d1e4	undo	2026-05-14 10:09:23.018772+00	4fee002e-6948-48b8-82ad-294cca3c9336
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d17b99dd-fff6-47ff-bb25-2e2f5be45aab	04543bc7961148b1a961cee2b4dbd68c	given	2026-05-14 10:09:23.117975+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	97019dcf-2aa5-4bde-84b5-d02256d6651b	0daae78c70594425872ebc731e7fbc4d	given	2026-05-14 10:09:23.174027+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	42de542f-5d85-4be1-a288-7a700f6fa12d	18d9a56fa31648ac81bcbe3412bc535a	given	2026-05-14 10:09:23.217755+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	42df616d-64d8-4194-a54b-63da23ad1643	d538a10adfaf40ba970cd31bb12e9f61	given	2026-05-14 10:09:23.259994+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1846f7c7-ad72-4b88-aec1-3332cbd744ca	e672912453a44b2b9dbe06fdbe324ed6	given	2026-05-14 10:09:23.30618+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eabab29d-8188-48fd-a3fc-2c5e45d3e6de	c32169d2478542df983a52582747537f	given	2026-05-14 10:09:23.35086+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15d65e29-2090-4b82-91a9-bd9f70359e40	20acf741d5b742ec95583c698a1ec03b	given	2026-05-14 10:09:23.401141+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	87aa97c5-db45-4635-8268-a1a2d19887c5	dd0874afc7434a59a225983ee12637f5	given	2026-05-14 10:09:23.444204+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dfd87487-863d-4a44-b1de-b0bafa9869e3	188de9024f7348d78df2eae3b18cdcc8	given	2026-05-14 10:09:23.483778+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	68a83bf8-c6d7-4bfb-b441-8bf7bf1f3531	e8869743824e4aa2a13d7cc9fb23cbef	given	2026-05-14 10:09:23.576044+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bdce547d-3f63-42c3-ae42-bb6f53de8428	5852e74674b04de9b5b1d3edb2b57b78	given	2026-05-14 10:09:23.612233+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	65f6c9d1-3246-47ae-8009-91fb4ce696e1	e42e11699fe14014bb3f99c95dde595b	given	2026-05-14 10:09:23.665486+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	08ef6b71-9b90-45a2-abfc-5f931bc5698b	1e02aa19fa7f4b80a80a8e58a7f5489b	given	2026-05-14 10:09:23.711039+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	355a0111-4705-4627-a78b-83f802909189	72ad3cbaff8545a0959f352c10fb02d1	given	2026-05-14 10:09:23.749845+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	047efaec-86ce-44ad-a283-021f7f58654f	4115f30b5c5c4066be5f963c1019e80c	given	2026-05-14 10:09:23.798557+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	861f7ce1-c09b-4ce9-ba6f-0d29e5cdf53d	84b06b57989b445e9a1f2a93d5cb68e7	given	2026-05-14 10:09:23.842159+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef46275b-e28b-4a89-a387-9d73e742e6de	0b64a2aa907a4499a9d1df21bc096b97	given	2026-05-14 10:09:23.88424+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25f845b0-c1de-4be1-a818-177047dac354	aa960c3fd98a48809a874197d762eec3	given	2026-05-14 10:09:23.93585+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c9de14f-bed5-4992-81c6-3246a3de0a35	b65f573cd668495e82403e67eb7a834c	given	2026-05-14 10:09:24.031123+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1e928ab4-84e6-438e-acb3-4f39dfeec3a8	2ff54453e615449d946b755d4ec2e856	given	2026-05-14 10:09:24.084887+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c72dcc1f-c9d2-4035-9b05-917408d4a822	860b6c9131ce480faf0564f4f2705d00	undo	2026-05-14 10:09:24.130506+00	1e928ab4-84e6-438e-acb3-4f39dfeec3a8
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9e125170-8a3a-4705-bd4f-62ec67dfd743	b14130c454b048639c2136fc2857b4d4	given	2026-05-14 10:09:24.178438+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	184be41a-35c4-4ab6-a228-9d666dd7f270	12de6b0b7b894b769230a1ba0f92785d	given	2026-05-14 10:09:24.221885+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	55d0b524-8042-4094-998e-a1f7cbd726fe	b18c2dce43b64756b0c0d81b489f922c	given	2026-05-14 10:09:24.264755+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eb8b404e-1341-47a3-ba79-fd66d928dffb	03276d2077dc4cf98f9be41bf002a03e	given	2026-05-14 10:09:24.299726+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ab2eb34-d9e5-4581-847c-22b838183533	7e71b9a8a69840ad9f1445a0462c0ff0	given	2026-05-14 10:09:24.34203+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a771bf9-ddb8-4716-a230-46f5ff924c77	a09c077d51ad40b8962440b3c0693fa4	given	2026-05-14 10:09:24.390092+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	afe9062f-d413-4dc5-97f5-a5999047323c	62a78129413e45e4be0bed3281daf826	given	2026-05-14 10:09:24.461644+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	33549edd-becf-44c4-ab8a-83f26eba0b47	87962b5c7e9a4137a06a7c50b4494a8b	given	2026-05-14 10:09:24.508898+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43c11836-130c-4337-9953-c5a65ae4c4f5	bdd06ea4410f4408b96b198829c49dfc	given	2026-05-14 10:09:24.554908+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23a060dd-4a4d-4e6b-8124-5a1752f4cf2d	3fa21225ae1c4333b993cd22df011ab4	given	2026-05-14 10:09:24.595583+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	970fb0e7-68ec-45b2-95f9-993bf3a57dc4	9724fc85318c4dfa941657c2b6c05896	given	2026-05-14 10:09:24.648011+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ea49ed0d-3197-49a3-8109-289fc8388a9f	5ec29eb231c64f15bd948e373117ab35	given	2026-05-14 10:09:24.701757+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	797f37ff-5151-47f4-bf43-760453e87097	581452b8fa1246a5b1e42a4df30559c8	given	2026-05-14 10:09:24.768068+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	38eb28b2-6cc2-4f00-b26b-73895661b303	9d03d7462d7d48bd8c2ea6ec8250f432	given	2026-05-14 10:09:24.818927+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f8eff76e-f8c4-4a04-b303-83581adac626	c307a2b533aa40749c0b7eeb8fee27e5	given	2026-05-14 10:09:24.869444+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3ba3af0-9364-40d6-82ba-8a3ce871a2fa	76d7d64b0c6943ad9bde245b238219c1	given	2026-05-14 10:09:24.971627+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1e52c63c-4873-4aac-9d7d-a10c586a4250	98b1156bb4b34c2c8804ec88ec0f4e99	given	2026-05-14 10:09:25.024574+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	04782218-3ba5-41f4-b6f4-a2a2d00393dc	897b3e7ba0c843d88e54a38e485016ca	given	2026-05-14 10:09:25.075395+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ced15d2e-1dea-4901-a59a-54cedee70184	99a0e61062f14e8f958a6f5cf202faa3	given	2026-05-14 10:09:25.129543+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b33f3be7-1501-4902-aca5-4a08a2e03bbb	f6df884cb09c4091b9050fc3f2c85bea	given	2026-05-14 10:09:25.180625+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4b96fcf8-1bfc-47f5-affb-2b6f8d6eaaab	50532e6d728b4484997d2d742613be3e	given	2026-05-14 10:09:25.256803+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d693aac7-f16a-4bd0-8206-cae76818ecfb	b7c43306da684dbab384b879cc54f65f	undo	2026-05-14 10:09:25.309873+00	4b96fcf8-1bfc-47f5-affb-2b6f8d6eaaab
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	108a29f1-67c0-45f7-9e89-9ba287b9daf1	aeb456a56a5a41f0a001e35b839644b9	given	2026-05-14 10:09:25.359286+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6084568d-8480-4b0c-8b42-599f1e42ab8d	2ca456f94aa74649b548f471ec9646a8	given	2026-05-14 10:09:25.410593+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96bbf886-db12-4bf5-a974-54fad28a0b1f	4a708623653242b69c48e9f671c5a456	given	2026-05-14 10:09:25.533364+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e0e0e32c-04cc-4dc6-89c6-9f5ddc729f8a	04f24185bb95436c9d154c882ad81a3f	given	2026-05-14 10:09:25.576762+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c8359dba-a1a7-4a24-8381-5b341ea6d8e5	d420c2c61b6640fe916fcf38c97a74a4	given	2026-05-14 10:09:25.626101+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	29dd19e6-eb1b-4e62-ad4d-02600f654c5d	bc78cba1c03b4608a7d8aa1a504714aa	given	2026-05-14 10:09:25.676488+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0328780a-2b65-4739-a0a0-245aa9d19b9c	17268f829f804b5a9892c5304f13b979	given	2026-05-14 10:09:25.727312+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b8831ed2-bd20-4e0e-b944-56e761aef279	aa98aee8e5d342be96b84749cc2b7d7f	given	2026-05-14 10:09:25.775154+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	37c388aa-0482-491c-9843-c962dda4d17f	352d98e256364e2e909a2516cbbdf44f	note	2026-05-14 10:09:25.836964+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9cc90a99-65b7-412f-96cf-26e363ba81f9	c15fcc008295448d844a64a4aa92c14e	note	2026-05-14 10:09:25.86287+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	42fa827d-c263-4235-b66b-47e89754c388	9aece30649894a9f875eddd1ab5df85a	note	2026-05-14 10:09:25.88062+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	618754a2-600e-4439-9857-33323bf97c68	875e3a12bb164939a991f08f04ab157c	given	2026-05-14 10:09:25.917474+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	945b9f2e-1c6e-4e96-8e7b-d32e15fbe033	f9570f3df63a402e80c787629fb50e6f	given	2026-05-14 10:09:25.954851+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6e27e3da-21c0-4c8e-b6e2-bc62bc69318b	7d335621c50b407087cb5bf62b1a0dfd	given	2026-05-14 10:09:25.994054+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bee1d875-0928-4105-8bb2-d10747ce777f	7e810bd5518a46379370486d5b294af0	given	2026-05-14 10:09:26.043071+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96edb03b-fa11-406a-8729-b314780988a6	a1e585ddd9f64884a5c0cc188ae2b798	given	2026-05-14 10:09:26.101+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d013c8e-e490-4253-a068-17303a537738	b0822f2f71064466a069edea885d6a67	given	2026-05-14 10:09:26.139606+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9963d260-fcfb-42cc-9aa4-ff9db37a60d6	5df278f70a3843abb356602e0df4677a	given	2026-05-14 10:09:26.178212+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8d206ceb-3f69-4b96-a4e9-d3e70190a174	f6c42eaff99c4e52b8ae6fb0ae1134c2	given	2026-05-14 10:09:26.214295+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3190c769-d730-4660-bba0-6c1063eed9f9	2472175339974e19938a5cf6009c2285	undo	2026-05-14 10:09:26.254965+00	8d206ceb-3f69-4b96-a4e9-d3e70190a174
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	aca17c65-0d21-46c1-8834-3cfd0144fec9	c3af2d7dced6479e9821a56341aad7c2	given	2026-05-14 10:09:26.32582+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	141dac93-7657-4fca-a62b-e4de1378254d	44fe79e90e91489b8df32b994f34fb56	given	2026-05-14 10:09:26.357535+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6fd3f881-c17b-4ea3-9530-50c0b6d1faad	32608f14d7f0432ab34a336aefe5c7cb	given	2026-05-14 10:09:26.391863+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5a117517-adc1-4bbb-aa17-684841ce103d	296a188c1ef94102aab24aa68f1dc55d	given	2026-05-14 10:09:26.419766+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1e1fcc96-4e43-451a-9045-0736717ef3c4	8ba7540b62f6481d84f05cc2f395b9bb	given	2026-05-14 10:09:26.461201+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5e3ca116-25d6-4784-9fce-5d9db95d005c	a73335cbdd364718a70712b660d3f2bd	given	2026-05-14 10:09:26.503686+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f1db79c2-627c-4b59-84d0-0935fa2da31c	a55a0cea8dfb4bfcb7726686e6da446c	given	2026-05-14 10:09:26.543437+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a8558e69-9852-4600-ae8c-7a9244afaf9e	c06fe14c8fa145bb81c59e3055ad5818	given	2026-05-14 10:09:26.56975+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a288798b-e6b5-4d61-aefb-18cdcc66437f	061454e408da4057b8ecd6364cce5417	given	2026-05-14 10:09:23.076171+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92d86d93-5e07-45b2-abb6-789bd592372c	ae1515112ea44fd69b3990483df2baa7	given	2026-05-14 10:09:23.532124+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9bd943e3-db71-479c-bd37-f2ad080ae00e	ba1cee0c0d064aa0947601ef79537983	given	2026-05-14 10:09:23.988594+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	68bc67d4-83d5-4fd2-8857-72d426f430a9	a2f6f66cd4a9451f9f0bc61c353976b0	given	2026-05-14 10:09:24.424268+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4609ed47-b209-46d4-969a-d0a84877b27a	80e4d21301d040eeb95acd641f4f362f	given	2026-05-14 10:09:24.922288+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ae0b0f5f-71e2-48fe-811c-51a14bc5a2a9	99ca10cc3a674fb79c8167e967dd1c0c	given	2026-05-14 10:09:25.469971+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62ade05e-6bfc-4cc6-8d2d-ff3534979ced	81ce045e79b94777a0fd3ce8b644d248	note	2026-05-14 10:09:25.896871+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7afd4ca6-327b-4292-a2ea-e7db6ed1102f	ac0cb8b9e247493ba168455577f97b2c	given	2026-05-14 10:09:26.284568+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2f6ad0e4-3088-45c0-9a96-be1b25103d74	006fd645aaac406b83627ef43523b50f	given	2026-05-14 10:09:26.625727+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cf300d88-a63b-4645-bc12-61ff33dee12d	0e0fc46c55984a83adcdaebd6eb52a8c	given	2026-05-14 10:09:26.975552+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a47e16a7-a0e0-4244-9eb4-a47a413f9039	34299284fc7849bb8364296962f5b943	given	2026-05-14 10:09:27.353497+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc37c0fe-6ea2-437d-bd5d-c0d7915cca5b	2493c24f41c442a4ae3633cc82aac109	given	2026-05-14 10:09:27.697558+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	16e14436-db5f-4afd-b08d-8d8c81123538	c0cfff8f9f3e4168812b59507f2d5710	given	2026-05-14 10:09:27.946485+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a880b7d1-e4a2-46f5-97bf-db9d85036517	e9de5350f0b34b959e0f760dd9b99f8e	given	2026-05-14 10:09:28.602518+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	987e6a60-0b0f-4f24-871e-af71603f9b3c	94c52f52b35a4ac88c1fcbc1af8b0584	given	2026-05-14 10:09:28.967526+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bf23359d-b60e-4cd3-a8d3-f63bacfba2df	3882c4b96d2d4bbf88b439b176b59b7e	given	2026-05-14 10:09:29.254723+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dc3559bb-0b29-4342-aa83-fd80e2145fe9	d83032d435864999b22e19af1219f894	given	2026-05-14 10:09:29.592389+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6d9223e6-162e-4126-a6f6-0b09d5fa7591	69131e3885b54986ae23185a7fbd502a	given	2026-05-14 10:09:29.925428+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c25a989c-2bd9-483d-90c2-1bba0e362fd8	34ef815666ff47d78f2ef11903b94bb9	undo	2026-05-14 10:09:30.331444+00	0e901219-013b-4bc2-9129-607bd02ad389
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0271ab94-d7af-43c4-8cd4-c8b4e10932ee	287181f8292e49bbb946bf2e8586837c	given	2026-05-14 10:09:30.730568+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	269ebb84-9eae-40fa-a9f7-f7f186ec5c25	9eb75daf3c9d45c4b9f17f90b46a59c6	given	2026-05-14 10:09:31.146786+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d1e829d9-ea56-4d0c-9d6d-3a9ac7b6ac5a	bad65d36972f4b689d68c0dbed187510	given	2026-05-14 10:09:31.556516+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	33bee4a5-d467-4ff5-b336-240515fd583a	5fb8dcf723b547bb869ce440c27dfffb	given	2026-05-14 10:09:32.002012+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	72e16bae-1307-4981-aa0d-857fe0574858	1aed6dc9d71a457b85f419cb021ee42f	given	2026-05-14 10:09:32.436739+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cf44723a-5ac3-4fe3-829d-4a97bf1f1bc1	053091d30e7c41cea50105efbfde2c26	given	2026-05-14 10:09:32.468819+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	64e92325-d8b9-4aaf-bb46-9a93998d597a	0c7ff103fe604201abe08cf305389a7f	given	2026-05-14 10:09:32.884002+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	00480554-a7ca-4e77-917a-663d6b3c7adc	5c2c128d05fd4a21a29c20f6252ce3e5	note	2026-05-14 10:09:33.311758+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60f14d58-17ea-4042-93cd-7d7d64d9ce1a	a6d1d26796e940b7b3fee8ebd7bbdad9	given	2026-05-14 10:09:33.563664+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d2ae189f-128e-4ea3-a9d5-01cdb5b7c50d	147c516f6941433ca03c3d1bd0a907bb	given	2026-05-14 10:09:33.593409+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a5becc81-d6c9-4142-87c2-022ec8317823	ca5d246c3d354d0ba7142002291b70bf	given	2026-05-14 10:09:33.929823+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc619bc-d24f-48a3-bb4a-40efba6f8c41	5dfa3e1f59054624aecd2ae23d58d7af	given	2026-05-14 10:09:34.293506+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e29a224b-abcf-4e3e-b687-2d7cf55eff8a	734b56faba7d454f9616ee267a5e2542	given	2026-05-14 10:09:34.66999+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d903a8b9-383b-4912-888a-7dd49eaa9386	5dd3b472138a4d1bbff573288f294fbd	given	2026-05-14 10:09:34.914226+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d873535a-f8b2-44d9-91b1-a35c4e6f3096	89b63844b3804b3581be24085dcae499	given	2026-05-14 10:09:35.274067+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	28678e01-35c6-4ce4-b572-27214c51e8bd	bc3df958cc944e47a4857b0f34f6b9a0	given	2026-05-14 10:09:35.626809+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	506eae70-7225-4c19-9afb-cde970c0309f	b086996a45954e60873b984c030aadc4	given	2026-05-14 10:09:35.948513+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d6f448c-e5e4-4e6c-9aec-2f444b3e9f1e	f9a177ac4b4246b39be7d75716d120b5	given	2026-05-14 10:09:36.196762+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	779f9a45-d82f-4660-b090-4949c3047b44	15794b45773d48f29f5aedc1c3003a4b	given	2026-05-14 10:09:36.229168+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c38977c0-4a33-4d5c-93f2-88f48a4f91e9	7975da1877b848dea0fca7628338adbc	given	2026-05-14 10:09:36.56332+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9e59430-6324-4fe3-81bb-0b820a733370	729bb302dc184e56ac2bcbaa5e5fad9e	given	2026-05-14 10:09:36.934509+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c5c2d6a3-8439-44d4-a500-25f6272aacba	cbf3b41c80884a8ea00fe55bc993d375	given	2026-05-14 10:09:37.337333+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	568b7a73-2ccd-499d-9e4d-b6faf7bba97c	0f09a62c416f44889c3755e07df39b56	given	2026-05-14 10:09:37.741158+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f4b0698a-62ac-49d2-87e8-0d11842bdbaf	0eee67579196498f85584602c0392e10	given	2026-05-14 10:09:38.13766+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fc2b71f5-deab-4c69-bcfa-e88e5da08a63	209f57de57d947f5abb3e76d660e20f1	given	2026-05-14 10:09:38.538927+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	64366c34-e988-4a82-b55b-fc580ab7ca43	4ec2f2826c9c4b509f88006504047857	given	2026-05-14 10:09:38.989004+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c516d6b8-7c7e-4ea2-b2e6-9a3e95b80bbd	024c91f447c04c7e87a86dcdfeaef764	given	2026-05-14 10:09:39.417168+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4230cd89-0642-465b-a99c-50d8626fb321	36fd2f4009b54407a63982151500b6a4	given	2026-05-14 10:09:39.896233+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5b2ac746-4c66-4f20-a084-8187c1869e5c	11430dab948e433b9a9ac7d363adb342	given	2026-05-14 10:09:40.387002+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ffd985c-8746-44b4-a6a9-c3c30c03932c	c685e69c696c4e4599b1dc33c4480093	given	2026-05-14 10:09:40.905418+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b5e3a7b1-fc87-4455-b17c-bb3a6ed40880	3c3f08bccba441d996af06bd00679edb	given	2026-05-14 10:09:41.398705+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2c217e7c-0edc-4bd8-84aa-4d138f840d03	6cb0fbb615fb44afadd1b66f36d8bcfb	given	2026-05-14 10:09:41.888746+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fd7665d1-c97d-4747-9ae2-e0b677f496d0	2c5b83e1831a430fb7e4fc2b26d7b540	note	2026-05-14 10:09:42.38218+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c28c8358-5a39-4a21-9b89-570b16e5b8fa	f1a9f2952af24095abc08ce78efc3ede	undo	2026-05-14 10:09:42.617577+00	3d3f5412-7d5c-4a0c-a49e-25ea42940087
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9cf4fa22-15af-429c-bfc9-828f9d9aa3d4	684a13191b784003955599659ffe19d7	given	2026-05-14 10:09:42.924902+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2e68c1d0-08fc-439b-ac3c-948539b97e9a	810ea10ec6874a699b91360c3baaf83f	given	2026-05-14 10:09:43.28012+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e923880a-c32f-479a-be7a-8569dc9b131d	c7eade43e5904b6bbb8cf02e12871982	given	2026-05-14 10:09:43.608102+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f25868d0-3a82-4cf5-bf9e-2719ad7a36c5	3ea6aa5b20204f0888eedadd0931c0b3	given	2026-05-14 10:09:43.931412+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bc8afecc-8d31-4db9-8f7f-43db97d4e673	2198f417943a493fb67a48295d6825bd	given	2026-05-14 10:09:44.320142+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	04f8be32-e450-4717-a491-4539e60636b9	8a2c75436c664928a695d588cf2d4ce8	given	2026-05-14 10:09:44.770725+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	394499b7-6d1d-41ca-bf1f-75afb0c1896c	747cbe3411be4c40b0c588616564c14d	given	2026-05-14 10:09:45.217069+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d8eeb0f-4025-488f-9233-085c86808fd1	5bf6f848c3664b09912022b30e97b012	given	2026-05-14 10:09:45.630497+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6340cd1d-176f-413d-808b-89147ab4389d	e74d95d2aff34839836ddd2d479a0907	given	2026-05-14 10:09:46.049181+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2054ee4e-226b-4032-b9b8-efbe0a5efd1d	171d05574f844dd6bc29270b379a3cc3	given	2026-05-14 10:09:46.50279+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4e0c151-a14d-41e1-b6b5-5cbcb76fc7c9	7a408f23c4364b34a22d268171e83c47	given	2026-05-14 10:09:46.98555+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	07367764-9614-45e5-a190-cad783387e7d	c73642f2a78544e0b90fda042f174f42	undo	2026-05-14 10:09:47.477203+00	a7daa9a2-a98a-484e-a7a3-ef9932d68ecb
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63180ad2-5565-44a6-b441-746af710fff7	a4266513636147e2a9dacc32252a84b5	given	2026-05-14 10:09:47.795346+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63f9da07-43d5-4ac9-9d7b-51a82aad15d2	3633f94bde224b559fb8c9479abd27af	given	2026-05-14 10:09:26.596264+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	df5be3a3-7991-4982-9940-10a676f75262	70c8e699ff8b44998d8a56c7da292218	given	2026-05-14 10:09:26.651516+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98afec87-198d-4812-baa7-490806a22c73	48eb969e2ab94cfd92fffac658705ed4	given	2026-05-14 10:09:26.677947+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0faaf4d6-cb9c-4b73-8a56-669b6e30a2e9	e59c4b443e01404dbdbe7dfe884caf0d	given	2026-05-14 10:09:26.707774+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	39b3290b-c090-459e-b74f-201311d2a5b6	603bf3a92425427f866f71b99a3a617c	given	2026-05-14 10:09:26.743727+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cb17dd41-a15a-4a0a-a070-bf436ce16d36	b1c1fe3feb544a0a87b7e4e84f72f498	given	2026-05-14 10:09:26.783976+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eece3427-6d71-4f59-8a45-72524c8e3bb2	e662f6209c4b4edc911c1e17b064ba69	given	2026-05-14 10:09:26.817143+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30091f65-f295-4915-936a-e05f36199cf7	1a87c76ebe0940a891b55c45e57d552e	given	2026-05-14 10:09:26.869214+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e40ad891-64e3-47c6-a192-73dcb3afb5ea	818f863a1e9a4605840a06503ae6f843	given	2026-05-14 10:09:26.900794+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f3ea2b33-141f-47f1-bc8f-7482be6f3ac4	a4467e8f3192482e9d1adcc413c81881	given	2026-05-14 10:09:26.933701+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	57e5d174-2853-4b65-ac37-f2c49388890c	18a7f7f3446a43278f7479498420ce98	given	2026-05-14 10:09:27.008469+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c6e4601-6770-4708-a822-660c7423f619	8ced2016f8e14ccc8f791def77a625fb	given	2026-05-14 10:09:27.045256+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b4da238e-97b1-42ca-815e-3203d053f221	755cb27105d04c86a3aa72b2bfef4d4d	undo	2026-05-14 10:09:27.081554+00	4c6e4601-6770-4708-a822-660c7423f619
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4d8f52b1-0fd0-4b29-94fd-96d4e91d20a8	07bc29927e68400ea1400d9b47fa6dda	given	2026-05-14 10:09:27.106762+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5936a722-88b2-446c-99eb-010ffb765b8c	462963f99c304a609e2804fee3b28cf8	given	2026-05-14 10:09:27.137455+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2a08fc96-1d03-413a-984f-97ca985f767a	f50e68bb437944fd93866c14461bca76	given	2026-05-14 10:09:27.195204+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	deda845a-a578-4019-a614-c87b23521d18	daa428bb2779433ab7a84b98c1cc9cb4	given	2026-05-14 10:09:27.233272+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6e769eba-471b-4167-bbff-894e9fb08868	71a5eb47532443c5b64d7904c075c514	given	2026-05-14 10:09:27.283509+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	436d5ecf-dba6-4298-bdba-2b8a20700bb5	1555f6b609c74f1b9fa061bddee6405d	given	2026-05-14 10:09:27.32059+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9b7b360-f3c2-4595-96de-51d5600914ca	ea44e8c819504bdd9172b0804af79622	given	2026-05-14 10:09:27.391628+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	436a08da-1ce4-41ff-92f4-fa69d9fd2d25	59516c8afb174c3bb8d332d6019f7787	given	2026-05-14 10:09:27.431674+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9538af1c-415c-4be7-a0d6-4c5f6d3ec3df	a38f16fff15d48d082c227e80e59bd5f	given	2026-05-14 10:09:27.465956+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3a7f01e1-3d59-48e8-98ae-6d7c8660008f	16d019de076e4700a004eca4938507a3	given	2026-05-14 10:09:27.495959+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	75203e19-7828-47fe-a5d6-c2195b26ae66	37d58ed93d0b4a37aad417068daf2a70	given	2026-05-14 10:09:27.529406+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82754ebe-2584-4b80-b4aa-95811dd58d68	4f750f157cb8413196651ea24599a0ff	given	2026-05-14 10:09:27.564617+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	de0ef722-db7c-4978-912d-b917713b877b	08c7cead087e4a6fb7268a782ef7c42f	given	2026-05-14 10:09:27.597674+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d48a1742-6f6e-4e5d-9f25-32934ba563e9	9f207bca196a40da84349bc02d810889	given	2026-05-14 10:09:27.62876+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a967bd6d-3d4a-4e12-b054-e04e0d01a1b0	512212be3610413eb8b2e170f323bca7	given	2026-05-14 10:09:27.668865+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ba16e0af-75b8-478e-b86e-6f407bf8be15	ad71e9770bdf45229ab5de9b6548ad97	given	2026-05-14 10:09:27.740997+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2790ec26-205a-4262-b6ff-3bd3433a5eca	e95725957e5944bfa41ecce887b7c2f0	given	2026-05-14 10:09:27.773412+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7fff1da8-a453-4b9f-983c-8b328d5f6d2e	6c8c2110070342b99d9d01be85d85294	given	2026-05-14 10:09:27.807653+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9f788a01-23b2-46a3-9bd7-a593f2a35d8a	0c71daeff295479fa181e37acc435401	given	2026-05-14 10:09:27.840087+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e652364e-4d90-4637-8bd9-dccd4ecf2c1b	aa229acfb9ed4a859f421fcd34ef1068	given	2026-05-14 10:09:27.874527+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dbabc1a1-c202-42ab-9b8e-b376f0841a15	bb6db523a4b74304b94bab8bd69d5440	note	2026-05-14 10:09:27.902141+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ddb1754e-f39c-4c17-a1e0-c4d611b522bb	a4b6972783b94f019e2b01390c1747e5	note	2026-05-14 10:09:27.913275+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cbf6f2d1-6d73-41ee-9d4c-9f7ef395ee92	5117c059c40b45909c41a136be840871	note	2026-05-14 10:09:27.924212+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f84d7e28-d6b0-4d41-8e26-a8e5d85d4eea	6ff1224b49b6450f8e2b82afbc1302fb	note	2026-05-14 10:09:27.935787+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7e56d5ed-997b-4ead-afbb-bd2847969103	1d48db95020b44c6962ca9b4ccc32793	given	2026-05-14 10:09:27.970684+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6b5c36b1-6dd9-4272-b22b-c41cf29e15a9	db4908dadfb341d5b249ec48280dc2e6	given	2026-05-14 10:09:27.995848+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8b40fc9e-0a2d-4135-94b9-204b3ccfa072	9930f52ef4df41fabf769410fdf67545	given	2026-05-14 10:09:28.022554+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8c73b590-8a26-4401-9bb2-5a9a5ea64bda	f995689848bd4b72b61d4181efa02819	given	2026-05-14 10:09:28.048621+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	720b006c-112d-4ff0-bcb8-54627f2b5a27	b1b2d1c6ce014100b78de2f89185065b	given	2026-05-14 10:09:28.082279+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3eba8e76-9110-456a-9be9-aaa15e157650	7bf216e4b266429d8c5aa4b8c5388b9d	given	2026-05-14 10:09:28.12701+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	be9d3329-56bc-4380-9146-a77cd510bf13	f5a9feccc3c44b98ada3d156608de19f	given	2026-05-14 10:09:28.161143+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3e5b9458-c532-4e3f-84a9-8ea04d396848	0c5cafc491a14761adea14af8a3d85a7	undo	2026-05-14 10:09:28.199748+00	be9d3329-56bc-4380-9146-a77cd510bf13
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35a10d92-8937-4c39-8256-dbe9e05bbd39	9cb5397bdaa9449281e87bf7319304c6	given	2026-05-14 10:09:28.228408+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ade9df25-45a4-4ca5-8989-349dc260b014	d8c721712b0747b6a095e77d4d257155	given	2026-05-14 10:09:28.271263+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5a1ffa62-3457-4b24-ba1b-6bca9aa24c00	c8f50a16f0b44bb69a6f9166fd622408	given	2026-05-14 10:09:28.308368+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27b80c12-30d7-4794-b231-11bcb66221cf	7dfaeda880604e619ba36cce8db86efa	given	2026-05-14 10:09:28.339589+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	aa511b32-1c5c-4b26-9d61-a312e65716ce	9863ea870dd9444fa2f7a62e4943192e	given	2026-05-14 10:09:28.371477+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7212c849-e41c-467d-ae49-d9cb0bcab5ce	c9314d67c20a4a368fbb6b3019bc4ff1	given	2026-05-14 10:09:28.403362+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	569c031f-946a-4d33-a2c3-98f0d46d180b	1d3b231ecf7e4044879a25c576fc25a3	given	2026-05-14 10:09:28.441095+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d3c83720-5fbe-4218-a248-9ce3d7d795c5	40e099b9b5b147de98c43656d0567189	given	2026-05-14 10:09:28.49329+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	318da7f8-5f27-47c0-93a0-6e41372d8b1c	e72dc71a64d442aeaf106c3d5899573e	given	2026-05-14 10:09:28.531426+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4979b462-49f7-4af1-ae7d-95f05180ef47	81514fe463954669851a039e401f0491	given	2026-05-14 10:09:28.563741+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4111ea27-2f20-4257-9edd-fc66c2d765c8	5d76ec5a9bc742b0a24063dce8656368	given	2026-05-14 10:09:28.636195+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b7d88b55-d6d1-428c-90e6-e82bc33e5c45	55456e24600347c6873e6b3238799d77	given	2026-05-14 10:09:28.671749+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4959e7f2-326a-4cd8-a4be-475771e2a1b3	aa10d0823a75405499c32923dede680b	given	2026-05-14 10:09:28.705484+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	abb5855a-26ef-4e0e-b190-a3fa2a26470d	767a225546a6430ab46e44852a8034cc	given	2026-05-14 10:09:28.740776+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d228ee50-c487-4670-8131-f53d50869fd8	3214e8a3a0bb43f9ae3db3213288e391	given	2026-05-14 10:09:28.775145+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	268d675e-e0d9-4b85-9145-5421329922cc	cce3e0f56e9640d19534abc037ca49e7	given	2026-05-14 10:09:28.809101+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ac6fcb37-453d-4a29-9bd8-0c1e0f1dc38b	05800229c7684255bbcf8bba49bd681c	given	2026-05-14 10:09:28.840758+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	528522e0-4efc-4eda-aace-85660db3e1f8	2b00a57f4181472abe087783dc9800e8	given	2026-05-14 10:09:28.878915+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	78a9e22a-6ebd-4b83-9c67-d8b4ff800ab4	a0baae9ea1f347e2b9506f7d81247447	given	2026-05-14 10:09:28.918431+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32f9dfca-7e79-4adb-8e5d-66ef88f8ee6f	ae510c457f8242b9acd0068f5efcb40e	given	2026-05-14 10:09:29.004477+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	97620b39-fb3b-4ffa-bd62-6313dacaac79	6cd1254361cc41478b0fbe981f432792	given	2026-05-14 10:09:29.04749+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	015f0718-ba66-44d9-a1b9-0d1094e7087d	5c92ea2116844d3a84a9b0068e692885	undo	2026-05-14 10:09:29.100869+00	97620b39-fb3b-4ffa-bd62-6313dacaac79
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a1486628-e01b-477e-ab0f-0de20da2c230	7d2399756b714c60945e49ae3bf2fbab	note	2026-05-14 10:09:29.135883+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9a17f523-7e71-4ef0-9f0f-cb22b8ac7ffd	19fcb3a01cad45959b567d943e551443	note	2026-05-14 10:09:29.14881+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	87eca7dd-07dd-40ef-a662-c82fe0458acd	88db202f53da4602a24b72dd48404313	note	2026-05-14 10:09:29.160719+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	762b3d2f-025d-4a3a-aef7-6f21bc9606dc	74f1fe5ad11245258f6fa79847b73fb1	note	2026-05-14 10:09:29.172366+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e78692ed-fb02-41fc-96f5-405304a7ebd2	ea3392a65b79453e9ad444169f9e4e5b	given	2026-05-14 10:09:29.187783+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2b069d97-da5a-4691-b3c1-27c2a373a57e	ab7a1da2a0614ce3926a00c856c008f0	given	2026-05-14 10:09:29.226811+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8916347c-6e76-4556-bb9f-c3bccf887c74	56d209e869e94d9ab716a6d7ee0e9a99	given	2026-05-14 10:09:29.29249+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9c0b9cee-f2ec-4dd0-9f2a-f98a7d9b8771	3e1d7dc79a2042cabb77638e0be246a5	given	2026-05-14 10:09:29.331885+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	964c9d2e-5a70-42d1-90b8-daefcc9bb686	586690f79e64497f9a4885b8995fe44b	given	2026-05-14 10:09:29.363467+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e5f4734d-ebd0-4543-a620-2ec69eedd30a	530d6f8983db4383afa4c64106dad548	given	2026-05-14 10:09:29.399617+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	91b524b1-5b88-43f4-8c9b-2b85b4211ba4	e5f02b5d442442d18801cb97e0a0366c	given	2026-05-14 10:09:29.429089+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	668307a8-df5d-4675-b082-75f5278cd114	f1d5376290b947db90c7bf918996af8a	undo	2026-05-14 10:09:29.457238+00	91b524b1-5b88-43f4-8c9b-2b85b4211ba4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ec169989-7bcd-48cb-b267-6e9e047f3e99	5256c62c94fd46c98b8aea4c85703d33	given	2026-05-14 10:09:29.489204+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6410027f-66e5-4f13-a2a6-a0c1b097861d	7ba809f88cc44cdb8f49fc94bbcf8252	given	2026-05-14 10:09:29.533918+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5ed16e94-8535-4bc3-9fb1-5722319a9eec	4f42c4f528644766abcac10bce5a41e9	given	2026-05-14 10:09:29.563824+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27eddefd-c28a-4960-bde3-44da9c580e54	f344efa137084917a265472751403513	given	2026-05-14 10:09:29.623251+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3587c7ce-96db-4698-8a32-9d31303b8637	3c75fb08ba7f46febd16a73274fb54b3	given	2026-05-14 10:09:29.656306+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9fa10377-bfc3-4431-81f8-de34b0fdbacd	5f3d95207243452094b5d139ff0578d7	given	2026-05-14 10:09:29.693047+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a8b2fe4c-8a58-4160-af45-c4539aefc7fe	556d393ea3e545749ece409f489a6bda	given	2026-05-14 10:09:29.722684+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0a75fe1d-4d9a-4608-a602-167e17df5b8c	8c13821669d141bc80031dbfed0780e0	given	2026-05-14 10:09:29.754575+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7da4f49-3a48-4ec3-b259-a3fd339e5b7b	c5a4239339ce4ddba2073448c8d34c6d	given	2026-05-14 10:09:29.782515+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	69b01748-c8b3-4541-a996-5d3597f8246a	bc1cb3a9f7e3406fb11687d432237c25	given	2026-05-14 10:09:29.820737+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ca068c0b-4749-422e-968f-a87fdaf995aa	91ca7227ed1f4f9f92cfbb229cfec74b	given	2026-05-14 10:09:29.855365+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	84e892d2-42fe-4d2f-97cb-708102739500	44dd5210f58c4ddd9ffc3c0d133841bb	given	2026-05-14 10:09:29.894634+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f803dbb4-f345-4139-821b-f78b20b348dc	63ded2aea68044d7a39bcbe59cdd6c44	given	2026-05-14 10:09:29.990793+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a9bb57cc-05ba-4a1e-add3-37c1e784e1c5	08b48c1b813842e7a09711547140080e	given	2026-05-14 10:09:30.030847+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e14dc82d-2171-4204-958a-a7444f521c40	70e6c997d81843fda5e67228e2068972	given	2026-05-14 10:09:30.07032+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46ccfd55-d21f-494e-be45-d683632f01ff	d92ddd9a583b4cd4a787b0ea92324e7c	given	2026-05-14 10:09:30.107891+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f5498b1d-b0dc-4b70-a40f-5fda641ec2ad	ff7fafbead2f40dd9e97eaa88525ccfc	given	2026-05-14 10:09:30.142691+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b2b4b9fe-2b4f-4a81-87bd-c854489d28ce	e7b98480c5554ce4bd9596b14d5e2d10	given	2026-05-14 10:09:30.182548+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	64a8fe0f-4157-485c-93f7-209abe187552	c7af68ce179a471288fcf8ebeb6758ce	given	2026-05-14 10:09:30.221173+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6fa0dc99-881b-4731-b828-8e6ab8138da2	746261beddd34f5697e5fa4523218291	given	2026-05-14 10:09:30.251621+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0e901219-013b-4bc2-9129-607bd02ad389	8085b4f6a46145e087bbb17e358bd26b	given	2026-05-14 10:09:30.292214+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	de974549-8008-453a-acd2-5d79c543deab	f1c52f1e67504dec86f46e21da7a3840	given	2026-05-14 10:09:30.368709+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	afa9a33c-7156-4a3c-aaec-87cfc4f3eecd	0ffd1bf72aff40a7bec03cbe9db6cf8c	given	2026-05-14 10:09:30.408923+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3dfda564-a61f-4d9e-a8ca-277e833f7bb5	d86ca34a889b4aef876f76dbe5db29aa	given	2026-05-14 10:09:30.445199+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a90fbc77-52f9-4a33-a531-44c40305291c	b002e745202b4e3c81512839fd922858	given	2026-05-14 10:09:30.485207+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4258c283-21a1-4b7b-a510-f2f4e6a33955	463491c61340440ba9c4d34fd4df0ead	given	2026-05-14 10:09:30.530993+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a9a722df-d744-45cf-ab21-9392cc373a3c	5acdce15deed4998a7150c601432d9d4	given	2026-05-14 10:09:30.570211+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ec5ee228-c5eb-4b6d-aee5-b90044a7a446	9e9be1d40bd34b91b6be55cbc105b2d3	given	2026-05-14 10:09:30.608897+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e02809d-b764-4968-8d69-50ac3f934c99	2570c5c265944da2a07ef4bdaded3109	given	2026-05-14 10:09:30.654315+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	300b10e4-9bfc-4e92-9644-3a7f36aa4977	c2706477ba7644a59ed3214d36be161e	given	2026-05-14 10:09:30.691721+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4d3132d9-d7d4-4723-a737-36a26b0b2c6a	bbaa6c9aeaeb478fb1e937c401fd5765	given	2026-05-14 10:09:30.764717+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f78ab828-8484-4e9e-a2c8-9aaafcec83b9	8f15c9d756ec4e499da5b6ae40a6facd	given	2026-05-14 10:09:30.801312+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23ad8598-91f2-4363-8247-f5d3b5437fa5	c829fe84f3c84f978e2dd432530b171f	given	2026-05-14 10:09:30.840015+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	37b555b0-a751-492e-9a8d-f827bb318929	44b3bff284cd40af98a43c78ef4ac669	given	2026-05-14 10:09:30.880834+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a6734e03-ad4e-43af-b120-7e68446528bd	3e21e2c291124d0bbe28934964430c52	given	2026-05-14 10:09:30.916027+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0292c893-1c5d-4e96-817b-74b0dac63ce0	6a5472204fff4c75b6e19f38c2de14b0	given	2026-05-14 10:09:30.949407+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	610c9554-ecfd-419b-87db-ca62586d0dea	7c4286f5af4544068c29f16d9cc51c91	given	2026-05-14 10:09:31.007614+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	80dcb2cd-dce9-48de-9e14-684fb5762f20	fb19ffb7cfd3470697de20702c2b67a5	given	2026-05-14 10:09:31.069625+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ad281de6-e530-47d1-87ae-44a1fa292d16	10154f2df30445229159daef4024b7cc	given	2026-05-14 10:09:31.103823+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8d932d61-c115-45ff-8335-299ad0a054b5	55208db35f2049cb92d2d1f6f54a4961	given	2026-05-14 10:09:31.183288+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7af57b02-522f-4b35-936e-61ded2e906f3	0272d55a21174cf1aaafadeffcf91708	given	2026-05-14 10:09:31.221135+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	48b64d70-687b-4f95-8f2d-a6d8fe1a2ccd	7797a8f85665427bb982c64fa3424dfb	given	2026-05-14 10:09:31.25694+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25eb016e-3750-41b1-9987-cb501368c224	f02bd974c77f4793b9ac18ccbfd3c6db	undo	2026-05-14 10:09:31.304886+00	48b64d70-687b-4f95-8f2d-a6d8fe1a2ccd
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5d68aa5e-7ae5-424f-9b7a-1f139d2a0478	52f377651ab741098bb47c0b9e5c65aa	given	2026-05-14 10:09:31.356254+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	928d046d-7b9d-4579-9f6e-e36155894e6c	f5ff57b9732d4596ae30b1bf5ac0fdc4	given	2026-05-14 10:09:31.400559+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	20d805c7-991e-468c-b444-1f527bbe7b39	578b58c4897944dd983d85dd0a21b695	given	2026-05-14 10:09:31.437594+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	48d38f6a-3b8b-4985-8688-186d6d6bb612	498efd1147ab430597921226f12ff447	given	2026-05-14 10:09:31.477424+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	13391306-2f5f-4e43-819b-ba83450e93bd	0c232aecbe2e45df9bcd20be8c668787	given	2026-05-14 10:09:31.514662+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d021b7d8-3c2b-46d3-b3ad-23b5a41c1ddb	e2cb479f99e04814a3c53eca8ddde82d	given	2026-05-14 10:09:31.6008+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dd4b7b9a-06ee-4903-a839-5bf65254043a	ef6ed15faca1488a8eb67ce16910fdf5	given	2026-05-14 10:09:31.635379+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5bf9456a-2737-48bb-bf37-b5a68f1a72b5	9380d4c84d85433bbab0dbb3b54f260c	given	2026-05-14 10:09:31.671135+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	84a9839e-483b-41c0-8e99-dd5862db6d5f	85c9a0011df84cc4a8f805ed05185ffe	given	2026-05-14 10:09:31.711737+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfffb88f-6380-4a3e-948c-489310775186	913fc6a20bf34abfb7baec7a2e7e7e25	given	2026-05-14 10:09:31.756026+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	67a6bb9e-48b1-40cc-bba3-7e9a90a4834c	4a4fb495793644c5937aef0d3b2eab79	given	2026-05-14 10:09:31.795235+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8ecc0ac0-31b8-4a0e-ba23-6073ecc74515	b499f28cb7a343b5bc05f0d37a77349e	given	2026-05-14 10:09:31.835569+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9dafffba-3e9a-4231-8c3b-f497562d31b2	ffa8695e994842afb76443584f671ccb	given	2026-05-14 10:09:31.88443+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5011da97-3895-4bb2-9167-1bff480f3a65	07db752e39104af6a94105c478ec4e6e	given	2026-05-14 10:09:31.952357+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5f08334a-6e2e-4001-8762-b98c70137d40	5dca31170b7f4db3a6c3f34d9e814982	given	2026-05-14 10:09:32.045004+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54129b40-f1ad-4383-a7d4-9eaf95c809f3	4c8c21f3c7354304a3b7871fe0720fd6	given	2026-05-14 10:09:32.089064+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82d789a3-daaa-489c-b16d-f1b0f0f7d61b	2aeb7c8d820c4c5b8dc287e1aaf9faa7	given	2026-05-14 10:09:32.130608+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	202bbb7b-bb48-4410-9d00-a60b7fe30705	4cd59286cc17438fb8c0464e5708da1f	given	2026-05-14 10:09:32.17716+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fac39037-369f-4b94-8a71-94fa2622de36	2233559202394d5398c4cb92cde9fa49	given	2026-05-14 10:09:32.219092+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ecd9d8fc-06a4-4ded-97cc-0ae4446b914a	c2ac089e122049f0ab86766edf2cc9c1	given	2026-05-14 10:09:32.256278+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	da553078-4771-4288-a103-95f3358bd2b7	52dee6eacf644ff4b15ee2b8e94faa3f	given	2026-05-14 10:09:32.297122+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	247cc691-af46-4d36-a5c9-39a709124043	d58273a2571a45a88e70eb3897adad2e	undo	2026-05-14 10:09:32.344323+00	da553078-4771-4288-a103-95f3358bd2b7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3d66b2d0-a086-4c1a-8736-99fd5d792cd3	0ecffc7194e045c384ab10575a0c7a4d	given	2026-05-14 10:09:32.384893+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a7544e35-9109-4d29-b468-9b52b8eebc36	5bad669c35c043a38aebbfdfdc076216	given	2026-05-14 10:09:32.505412+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1884bbf-98f7-4b47-9918-548904aa1f73	0d209de3c3e7453bbffeb6291a12d7fd	given	2026-05-14 10:09:32.546442+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3500c0da-ceef-41d0-b906-a433e6eb96d8	7eb2607c08964cadb919f120a071ad4d	given	2026-05-14 10:09:32.587658+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5a6cdc4c-eac3-435b-9abe-695ab4651b91	b768284c6ab343e4a075095203a54f94	given	2026-05-14 10:09:32.631611+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e9304ad3-aef8-4c63-98b5-573dd2e46d40	bd2594951fed4d05873e25d66418b8f8	given	2026-05-14 10:09:32.683224+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8815ae8f-c8a2-40a7-b3b2-8df76f824ce5	6b22eb2d045249209c6b241c656f307a	given	2026-05-14 10:09:32.723719+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fc97aa12-573d-422c-bbf1-45912560995d	a1b92a6063b74c5cb7195233d0e2f7db	given	2026-05-14 10:09:32.765418+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f1899dce-b7d4-4a70-bd44-4aae6c1bb5a1	b4999fdd5bdf4a0bab9443d0d2c75279	given	2026-05-14 10:09:32.805535+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5490d6de-f2e5-4a57-b5f5-77bbf95f6528	2f3746e11ffa4a9d8302e9303897fce5	given	2026-05-14 10:09:32.844716+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f449d4a4-014f-48cd-b5a9-5a6d65b8f3cd	3e4b11f7a98748fdb9afc1dc95553f56	given	2026-05-14 10:09:32.916863+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d3f67402-2516-49db-a22c-ac97b068639c	027d55806173438b9c4405f13a46cc87	given	2026-05-14 10:09:32.959786+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d308048b-c70a-483d-beb3-b5d6dc773ac4	53efbab28c5c45f4a72a4610d16270ac	given	2026-05-14 10:09:32.999199+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bbad2675-65a6-4099-87de-094fc968d7e9	f1c6452fd4e74ec1a75a9980ee9e846e	given	2026-05-14 10:09:33.035972+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d5377bb9-2c55-4d7d-a8fa-f57f99a34c72	fb815ddd012d436d882f49eb6403f8d8	given	2026-05-14 10:09:33.073336+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7c19d685-52c8-4ee5-a1e4-1fd31f19c20b	2de7327b99ce4c538a410511d41d49d7	given	2026-05-14 10:09:33.113213+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	196b846d-cdc6-4843-9bb2-ccf8ce9358be	c54eb4767a394165b59c5b33b1d990a7	given	2026-05-14 10:09:33.170347+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27b4f2c2-1fb2-4235-b44d-66a73e6bc967	27f8041095c34235998e9c98dcd871f2	given	2026-05-14 10:09:33.225343+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	643389e7-b47c-47af-a500-eec03919cecc	d55e699dcdf6486da1aa4d16b271fc95	given	2026-05-14 10:09:33.26924+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	34f16369-6f15-4ec2-a99d-ef8d17b53dc6	6ec52adb3bce486abdf4f2ef410dbf30	note	2026-05-14 10:09:33.325106+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	455c7931-cd58-4cc6-9f4f-4edbcaceecfc	fd3436fcd52a4e718b4fd0cb4f7140fc	note	2026-05-14 10:09:33.336151+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e40df493-a26c-4a55-accb-6c23cfc704ff	d1c68ceb930b4ebebe90262161367789	note	2026-05-14 10:09:33.356269+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	018a6375-cbb2-4479-9dcb-92a67fba0ec2	596da47f201e4e34879c2b5e7abf2ba7	given	2026-05-14 10:09:33.379979+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b806544a-86d4-4183-80ac-9102915668e9	218e7e05ede94ab5890f932206c7ee97	given	2026-05-14 10:09:33.41866+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6b38ff80-ebd1-4605-86a8-b4325f8e2b77	7c64ffd2ff504891a27d42b5a73ca602	given	2026-05-14 10:09:33.446983+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8aad9d62-ea14-496b-8180-b5fb892ee819	41b2f127122e42838f3a78760c23296f	given	2026-05-14 10:09:33.476296+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6bbbec7a-9e04-4e7b-bdcc-718fd372a674	2994408732d44ddaa813917b1c6859c0	given	2026-05-14 10:09:33.503543+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9ab4142-cd79-401e-bbd9-20fea555850e	9facbb7d76e546f6a3a2b098f5282013	given	2026-05-14 10:09:33.53281+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90332f1f-9247-4bae-a60f-d8beac2277f5	a3376c2253044dc7a6a36f6e73af090b	undo	2026-05-14 10:09:33.620796+00	d2ae189f-128e-4ea3-a9d5-01cdb5b7c50d
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a0bf8ca-9e3b-43b5-8f20-4bf96678806c	e544eb99e9ca472da88f75278c0cd735	given	2026-05-14 10:09:33.655634+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14bfeb4b-6e82-4b51-b968-5f4c5e34faeb	ebb046a0311d4fdebc222adb6c589e8d	given	2026-05-14 10:09:33.688825+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	88ed32bd-379b-4ad5-a187-aa41851cce16	b9b214805bb340d88ba4571a08c7a6de	given	2026-05-14 10:09:33.718572+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3b52196a-a06e-44f8-aee5-51fbcaf8f6f6	549150a098fd423f989df50062c98ebe	given	2026-05-14 10:09:33.752838+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c0fff628-f8d4-415b-ba01-6369afd354ba	88426d29a9a9407cb3d0c31e15bee705	given	2026-05-14 10:09:33.780836+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eb621750-e8ba-4876-a8bb-992b6dce8d76	43c4b1cd814f42dd966bd6a2cf88f65d	given	2026-05-14 10:09:33.810246+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f422be3a-0c30-49fa-8e32-f005dfaf0a60	aa5ff4f71eef4c7a8a2c8a6db16e73a0	given	2026-05-14 10:09:33.847385+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	730f9cbc-2750-439a-a377-d8586bedc32a	d253347a0b5b479ca0022f9e895af56f	given	2026-05-14 10:09:33.885915+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	aa6c0de9-aa9c-4162-8c83-616f3cf2db83	abaeba0a128d42c390a6694dad85cec6	given	2026-05-14 10:09:33.969158+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	434ea04f-d966-409a-8e2f-7b860ddeb216	0d5155c6da134cd2a337591603c67d73	given	2026-05-14 10:09:34.001452+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92bc60b1-5122-4f80-94ec-5d694b7e5622	94cf1b94a2584997b266375b6abb6a42	given	2026-05-14 10:09:34.032819+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6eaa0cb7-cf44-4c46-9723-b05e304fd45c	d42fdc02e7be44be86498972a6bbdc5f	given	2026-05-14 10:09:34.066093+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98dacc70-2d49-4ebb-b534-b7e67e3f7049	6ce17b7c19d74611a4ee4f0072a41601	given	2026-05-14 10:09:34.108458+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2ee0fa12-7a2a-4bfb-bbb0-98ce2cc2c572	d76642427bd9491dbf61df20b51706bd	given	2026-05-14 10:09:34.136192+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c82b8b5f-b803-46f2-a507-6ff4a0302985	caa15ad3e64e462281dab829c3eca08e	given	2026-05-14 10:09:34.173521+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	993cd6e6-6553-48a6-9291-7c215a750542	5983b9d8aa2f4d2ab43467a07badfc1e	given	2026-05-14 10:09:34.217052+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bc0c56b7-c6f5-404a-9c9d-3a9e42fa3607	6ae18861c7cb48a49d903202cf0f5f71	given	2026-05-14 10:09:34.257097+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7b28e3bd-5f34-466c-b47a-056bfd599bb3	ac1379b263c44416b7239d64b0c439d2	given	2026-05-14 10:09:34.33052+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7fef5b6-8b91-41a8-bdae-cda98e32b3f9	00764054969541a08e2d3d30d2e6dabe	given	2026-05-14 10:09:34.365325+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ea28d29-691c-48c2-b90d-950fd87c1edf	3e56773b903e44959d545065fdb26242	given	2026-05-14 10:09:34.410044+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8777db8f-0883-478c-83c9-55f9f1834e04	2dec90fd7129437abc933d4a8198f61a	given	2026-05-14 10:09:34.447164+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8351def3-e628-44d6-8998-150cd4da14be	0a5f42ccd7ac45fcbe3a68c5ec2c2692	undo	2026-05-14 10:09:34.485192+00	8777db8f-0883-478c-83c9-55f9f1834e04
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3d6004f7-aa82-40b9-b601-681d9e4a9008	27c79465757b4898a8625e990a37647f	given	2026-05-14 10:09:34.513591+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6d056c84-b59a-4d1b-ac61-8767217cd608	917add798e9d420e8cca4940164be92e	given	2026-05-14 10:09:34.550141+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fe2baefd-5106-4845-bf8a-d32ffaf7aeb5	cf2d8c3d5c384eb98a678ad1ee29d18a	given	2026-05-14 10:09:34.593785+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	aaadfd5d-27c4-402f-9521-ebf49a057877	8eeb85bd24864c18b0e8a5e89429a755	given	2026-05-14 10:09:34.632919+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f2739418-5248-496b-b79e-c60ff0dc5ce6	7de9cb176c934fef909c697e2e631104	given	2026-05-14 10:09:34.714926+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9b5504dc-5bf6-44be-aafe-3e4d840ebb69	d56c6f9146a246d7be15a4fbfe53259f	note	2026-05-14 10:09:34.758399+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9acacb4e-7773-446e-9358-e1375f6a4aa8	568e4eb080274f49b4476d605b7c1b6e	note	2026-05-14 10:09:34.77219+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7fa85bf9-420a-4803-a4ca-60641cb1f346	928c2939b2994154851504e629cd239b	note	2026-05-14 10:09:34.786003+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7ee47704-d3a9-4e02-86bc-792c06b4a5bd	36f57a6e64b34167bdd9c9b434ef5d8e	note	2026-05-14 10:09:34.79716+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d2f090a-eb59-4361-927b-f0093f243359	2904532d9d2848b19e272ec98e4ab291	given	2026-05-14 10:09:34.808748+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	07fcf151-1330-45a7-b734-2efb100b9f70	483d460977b04b279d97a8dbb2e990da	given	2026-05-14 10:09:34.833203+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	75e1a741-9045-45ef-ad4a-89f3ce40e1a5	5a890e20f8dd43dda2a3ed6a4dcb8c59	given	2026-05-14 10:09:34.859494+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a9bc1b39-f370-4d32-ad5e-a6cd5dc4e0b0	774ca666c1714db2b76339723211eeb4	given	2026-05-14 10:09:34.888015+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43ec9aff-3878-40ed-8757-7a559ba1b58b	b8234115ae2a47309f11b7bf931384e5	given	2026-05-14 10:09:34.949397+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b48f4963-c455-472d-b9cc-8f96a30d0ee5	ad454b8c66db46169e29e1e5f46987e8	given	2026-05-14 10:09:35.018943+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d9bd8028-a01c-4ca5-8050-8a403ab80908	96054b07d0004ef9aac60a5a9dedff6d	given	2026-05-14 10:09:35.05156+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ac8191ce-e216-4939-a800-61fa410fb37a	7e89ee7edfdd45f482d4ed549abce9e6	undo	2026-05-14 10:09:35.083307+00	d9bd8028-a01c-4ca5-8050-8a403ab80908
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4881ded4-c68e-43cb-bb26-42cc33e6eb14	ff7a222a4ff64514b44fde185f5184f4	given	2026-05-14 10:09:35.107219+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54279e5a-4e65-4ad7-913b-9f792fb849ee	b3b9773f4a704d008cd03fc9720f76df	given	2026-05-14 10:09:35.13557+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6bbc66f2-451f-407b-b2da-1397afaf7249	92863cf5385344cca89531b35de23199	given	2026-05-14 10:09:35.168524+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7962c358-0a29-4241-8010-337f61cf4a36	399fc973e5a347f0a2e21a31c47f0a74	given	2026-05-14 10:09:35.199657+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	980d9e59-d01a-4e91-9cc2-3a19942c7ba3	e1c36c8cc7c6474f8f1ffb9f9e267370	given	2026-05-14 10:09:35.240631+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c7f85928-9001-49cb-9425-6d587c625476	060f4b17afc04f82bbc5dc2a01dd8dbd	given	2026-05-14 10:09:35.309392+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f51d23b1-4dc9-4819-a7bf-a10e59afbfe1	d5bd85e5f31545a6bdb4da44a69525ee	given	2026-05-14 10:09:35.347276+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3fe86e4e-9fab-403a-a669-399be7de2733	b004b728b4064e38916856900e792793	given	2026-05-14 10:09:35.385067+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54aabe5f-163f-4384-8b73-9907b8086538	02b9b95a4b3a4dc3aa8ac55824618eaa	given	2026-05-14 10:09:35.424633+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0e76640e-6a82-4542-a1e0-ef44292f628d	00b4db5081bd4cbab274e429abdbe607	given	2026-05-14 10:09:35.457383+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7ead2723-bea4-4b41-81d9-e0e18e724dfa	91574251d4bd4c11aaf1cec01996fea3	given	2026-05-14 10:09:35.497444+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5cd8086c-11df-433b-87fe-945e1d65774c	24aaf78cac5d4587bba893370600356e	given	2026-05-14 10:09:35.535139+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a80ae403-c4a6-4f28-9dcd-673bffd45896	a1abc20321394db3bef51a5663d9ba72	given	2026-05-14 10:09:35.56475+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2daa4a37-f1cb-4fb5-8982-b2fda8e49336	485497be0b734eab9d403a7135ff9000	given	2026-05-14 10:09:35.594096+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4f734a3f-5ebd-42c6-adc5-e8e9a87bc187	93cab006d5bf403aba3e33e64c6b5366	given	2026-05-14 10:09:35.661269+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	947d3736-32c1-407a-bfca-5e2754f145d0	f332bae45e4e42d2a6fe0aa3f972416c	given	2026-05-14 10:09:35.697882+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9866f3bf-860a-4cc4-ba63-5008fb84bf49	de294daf8f074b1eb9fa0d522be16195	given	2026-05-14 10:09:35.727729+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4899754b-5eb0-4b44-9327-e53729992754	f84dcfcc248d43e8981659977cb74371	given	2026-05-14 10:09:35.758236+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888096b2-b638-4ac6-8871-8a3e2573e82b	aad1f87aea5547e1bdcc0b7d2c57556e	given	2026-05-14 10:09:35.788494+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35597bab-7d73-4cf8-aac3-04f65b1ef8cb	49cfe551a283475f8c70b403e816b9f8	given	2026-05-14 10:09:35.818867+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ea3dafe8-fa3c-449f-813d-b6234b26e46b	0e14601fc73946878f1d323893f68d21	given	2026-05-14 10:09:35.848381+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92f7f205-948e-46fa-877f-cf8892f01528	028d88b6653641a38adc5fe8f409a659	undo	2026-05-14 10:09:35.879217+00	ea3dafe8-fa3c-449f-813d-b6234b26e46b
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1128d734-63a4-4690-9819-164955893ce1	d2b22569569748f59e366880a4b70a10	given	2026-05-14 10:09:35.914978+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ed55f9dc-78ab-422a-a60e-9045de1341fb	03405caee7dd44d6bcf1b5efc6d34e60	given	2026-05-14 10:09:35.979502+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4175390f-6708-4b2d-b7aa-78a15627dc61	869015184a6d423d9a0c23537699694d	note	2026-05-14 10:09:36.011282+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4a176188-bc36-486c-942b-b69681c65457	f5af16cb0f684a8ab990ad34682e6b9e	note	2026-05-14 10:09:36.021059+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2ed9fb99-3000-4e17-86ae-c4acc392e519	7503c7a2a03c443c87fda70528134d43	note	2026-05-14 10:09:36.040803+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	995eeb2d-884d-4e1e-90ce-7deb05a3f4b1	f1cbf8eeefc94e5fa8399cdbae6f4a4a	note	2026-05-14 10:09:36.055814+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14de75a5-9370-43b1-9359-ec0c9e5dd65b	29ec131098df45428023609d908c324d	given	2026-05-14 10:09:36.066357+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2dca47ad-515e-4636-a422-ef276b9c3567	d8e87171089d4fd29333cc94dc988e21	given	2026-05-14 10:09:36.09625+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	770838e6-3b4d-4c69-8136-050c77f44753	3b87d2252c21449980e42e552a71a666	given	2026-05-14 10:09:36.122819+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d6bc6f8d-ff14-4121-aca2-c48907c6a387	97a8bc79425d4893a6070031755400ad	given	2026-05-14 10:09:36.164887+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45d00ff4-c4e2-40f9-bc72-d5f9359161ac	c9a90c9177304a248162dbf5c3e2a907	given	2026-05-14 10:09:36.262817+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46f1e13f-c31a-4de8-9aa0-b3e63bf4b645	6cabd92f00c44cda9d1ebc10a0cde1c2	given	2026-05-14 10:09:36.296738+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b709beda-e494-42e1-8c30-7ee0675847ae	a55363478bb546ee8c4ab080f26ae558	undo	2026-05-14 10:09:36.330011+00	46f1e13f-c31a-4de8-9aa0-b3e63bf4b645
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	93c73e85-12a2-46e1-b71b-8b29165c5fd1	fc52ce03b8fb4de0918a5332ce6607c5	given	2026-05-14 10:09:36.360898+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	343f4a32-63ab-48fc-830e-b70b4db20d2d	d22d9e6206394ec9b0ba54a28ea995ca	given	2026-05-14 10:09:36.395581+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6c9ceb00-36c8-4136-a1cd-2f9a433aa390	c63dc8b5d66c46d9b923c0e0e3da50fc	given	2026-05-14 10:09:36.435872+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d6ddf4d2-9638-4378-81e2-b9563bde802d	3703997694de4ad7a87be4b44a15e13e	given	2026-05-14 10:09:36.472328+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7df540f9-2f14-45c4-8d30-3254c951cd03	6b823940028545719643ef73e4e93b6f	given	2026-05-14 10:09:36.505272+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d60705c4-50ed-4e20-a1e4-8fb833968825	5d7d1faaba1343bcb4179228dc86d7a9	given	2026-05-14 10:09:36.536263+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	784d20e5-3877-4e17-b6a6-64276e7197da	35f5d534dcbc42e1a967ec589e3ae240	given	2026-05-14 10:09:36.594293+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f6abdba3-b0f3-4e27-b90e-976d7de514f7	455cb354fd1e4012b87ef2b585d65b3c	given	2026-05-14 10:09:36.625192+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	08f32b69-d92b-449c-bd41-85fd9d96ae22	30bc7c012db4462881754257d90172d3	given	2026-05-14 10:09:36.662068+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fc41fa87-1614-4160-9241-ec2071cab9c2	bd8a1a7a1aba4aceb768f11ff1b1368f	given	2026-05-14 10:09:36.696595+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e476977c-f1cd-4ecf-a4b6-726e938fe9f4	cf5eb45ec44341ec956ac4d7b3c1d062	given	2026-05-14 10:09:36.730781+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5f419ee2-3929-44e2-ad47-1369421adcdc	191cf962f73e426488e855fbe913edac	given	2026-05-14 10:09:36.764084+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	74f0d5b8-96d1-4996-bb4f-7bd81580bfa4	37e75244b9d445499d375c19f472db0a	given	2026-05-14 10:09:36.809728+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	09d588ac-504b-40ed-9b9b-033fe3ac1890	8d967bd87cc44a46a88867134ad5be81	given	2026-05-14 10:09:36.847016+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e06829bc-d794-4232-a7ba-6345505179ae	86bf2f8093de42078be3f559ab3dee99	given	2026-05-14 10:09:36.889709+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b400af6e-2c0d-4eec-a21b-266467652b6f	d75d868de4334b5b916e273593a1f922	given	2026-05-14 10:09:36.982887+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0fbaa7ac-f1a7-46f9-9ca5-82fb05598442	c1f7b196b6b349c0bc675f43ea69f83f	given	2026-05-14 10:09:37.021077+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4fad982a-f785-4b74-b3ea-1018f53d3a75	9fff139e227f43a6bba0866c3a4888a6	given	2026-05-14 10:09:37.05378+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e95f3c3d-2f3d-4d7c-8733-d3a13bc8eb5b	e16df987dd2943d8aa2ee2c07d269bc3	given	2026-05-14 10:09:37.089515+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a2a61ef6-01e5-4310-b2b3-2d85f46e71bb	4e44fcfe73ed486890fe219a79641026	given	2026-05-14 10:09:37.130604+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	648191bb-3fb2-4f58-8f34-6b3189f767ed	bcfefed6b85d458d9697281651b417ac	given	2026-05-14 10:09:37.180656+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14c0b25d-3892-45fa-a085-1c6092bbf87e	3c30a69bbe924b2da05e3fc213901dc2	undo	2026-05-14 10:09:37.218449+00	648191bb-3fb2-4f58-8f34-6b3189f767ed
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5fd453ca-f4f5-41af-96ac-3a35957edb55	ea71189b91074f899a7d0836bd39b9f5	given	2026-05-14 10:09:37.252165+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	626c5027-330d-45b7-ab55-4d9d8072ae3e	d55ff37c967c4cf4820b000e5eb8fad2	given	2026-05-14 10:09:37.295319+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96570529-79ff-47bf-9889-862bfa198c03	37b1a5d96c594086920149cb8d1c5ec0	given	2026-05-14 10:09:37.36926+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92113dc6-0ee8-4899-81a1-fd635e5bdba2	9bc142913b154e3cbfc1855065e8afca	given	2026-05-14 10:09:37.405354+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eec70325-37de-45a5-ac32-1d41dcf17b04	383f2b73768046ff93014d88bdfa1fb7	given	2026-05-14 10:09:37.448248+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3809f7f2-f3ac-4413-8445-246debe2d72f	29a94cfbb1ed49c9854ec1ba6b035557	given	2026-05-14 10:09:37.485922+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98919146-afd8-4aa7-835b-48425b26963f	fda28b42cf9d45fb9f279a2937b76c61	given	2026-05-14 10:09:37.523396+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f348dc7d-99fd-471f-993b-fdb4fb7f5429	7c4e2399146d45938440c04b1280c28e	given	2026-05-14 10:09:37.562458+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d2161004-81cf-4a9f-bc3b-e9068908fe64	784079a8fe7a4da492b12fddf9c2c8c3	given	2026-05-14 10:09:37.603065+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bf98ddbb-8e25-4719-9c3d-fcdab5c22068	c48cd103289e4c18b7640a38f17c90df	given	2026-05-14 10:09:37.646998+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60631f4c-9448-4919-a719-16a7df924e93	9c2c7eb9bdd240169f080cdfa0af1241	given	2026-05-14 10:09:37.697286+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c2a7002-4581-4ac6-8725-28eacf37db49	4516173e3ffc4fbda6f7d51ceebb4593	given	2026-05-14 10:09:37.769687+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d705ce68-a4bd-40ea-9a44-5e339697f489	753a383f70294c06aac264a93683393c	given	2026-05-14 10:09:37.808666+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a28aedd6-60b7-4dfc-a618-b7dba44d0b49	32238e83a8f946518798e7f1277a3703	given	2026-05-14 10:09:37.852561+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1171aa59-7073-413e-a898-834f46fa9d87	853556cbf0974ef6966d3b12f9f69aff	given	2026-05-14 10:09:37.893469+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8c39b147-6d84-4d2c-8885-5d151e91c055	ab71dab14dd842daa7bb3e331982936d	given	2026-05-14 10:09:37.935833+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c99674d0-edc7-45bf-b2a0-426a9d06395b	90b2720363c541ffbcb1c522aab0212b	given	2026-05-14 10:09:37.978169+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	747549aa-5ddd-425b-b163-57dae5e076f7	19d549a166354daba4ae5138d4029e22	given	2026-05-14 10:09:38.018008+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	030da090-ef1b-4446-a6ee-aaf5327e58cb	b6a0eec7461c49b690d5464418f470bd	given	2026-05-14 10:09:38.06102+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fcb44bf3-3b02-4138-bc26-2d17fe8287b8	7201685ad387493ea6cfbb971aa25797	given	2026-05-14 10:09:38.100272+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9cfedbed-75fd-4a0d-99af-732d520604aa	1bc87397f5af4294a42d13f6e3dd42a5	undo	2026-05-14 10:09:38.168723+00	f4b0698a-62ac-49d2-87e8-0d11842bdbaf
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7208dc9d-3ef1-4645-9dc4-538af5a6c163	67b81eb1bada454bbfbb5c72be0e2c20	given	2026-05-14 10:09:38.202253+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a3b081bd-644f-44ea-af8c-79b664735b37	f229fe012cd64c85b915749bb4725f16	given	2026-05-14 10:09:38.241118+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b0cb0e59-0cf4-4acd-87f7-4ea673d39aab	f08368acc8fa48059d7c839a9d1eab83	given	2026-05-14 10:09:38.27968+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e65b2af9-76b9-42ff-98b3-5cf2e93863de	93a7224fa6d6433d85488accaa4324b8	given	2026-05-14 10:09:38.321422+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	75ff9169-c3ea-433b-be00-ad21b061d756	04344a2b820d44efb9b5c3363dc4031c	given	2026-05-14 10:09:38.362491+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ee3525f2-ad0a-4304-887e-123412733b06	7b55ec047cd3450eb9e895eaade0d748	given	2026-05-14 10:09:38.404838+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d033a0d5-8fda-404d-b8a2-5eff492e710e	cca15e23eaed413eb57caa072d1fbcca	given	2026-05-14 10:09:38.446767+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4fa3e819-f482-4f89-80e1-6590e59607b5	5fb11f953e4d4d4d9e56457322a379dc	given	2026-05-14 10:09:38.489141+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eee664b4-1565-47f4-bf66-31c09c1f7eec	949c4542c72d41d98ae305b280ecb619	given	2026-05-14 10:09:38.577827+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	096c8f0c-435d-4e5d-ae0d-36637b3a3f2f	f2eb947b0a304df9b13f9c9ad63239f6	given	2026-05-14 10:09:38.621713+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5efa4351-cba0-4d25-b45c-bd670af9765f	ad5d65ee00074a9dbc84fee88b846ce2	given	2026-05-14 10:09:38.680199+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	596e4652-fedd-41b9-9123-d59d49c112cd	3837f2c37c824af5aeb9b30777ce5fbc	given	2026-05-14 10:09:38.746311+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1308fcde-8ba5-4ad6-b876-3b41f573478f	c1ff1bed301040e6aaa4e29be4f36a5a	given	2026-05-14 10:09:38.786867+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f086287c-4b4d-4263-bef0-3c4e7715bd11	b67761a0c507405ea0f81030946b0785	given	2026-05-14 10:09:38.826058+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8b99297d-0e87-4d7f-9e50-88d696e7df0e	f81f2be504404bc3a95cc167ddde8255	given	2026-05-14 10:09:38.865055+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	257b8d4e-27e5-4e8e-8465-a495b2def98a	223f85629fe44827be39db4ea6cd7762	given	2026-05-14 10:09:38.912743+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9deb710-2a49-4b5b-9eab-513458ada441	aa5adddd71314414be62405989a95c02	given	2026-05-14 10:09:38.950744+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6b09d504-5623-468a-abee-bcbf29bf9f53	622bc86d9c264d909f911d8642501909	given	2026-05-14 10:09:39.021677+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	57fbd1df-51fa-40e2-955b-672eff73b6a3	728862e91d3c4faab759afd3ab143f72	given	2026-05-14 10:09:39.059029+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	586464f6-cb5d-4251-baaa-8fc7c623748f	ecab79e4b7554e0188590006a650279f	given	2026-05-14 10:09:39.10394+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc0a4b82-9fd5-4048-ae32-5704100f4b30	a0d7b0c33204472697acf1f5f8d16eba	given	2026-05-14 10:09:39.139636+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5bfa4e3b-dd18-4567-9eda-e1be47f94ab2	04998728bb3343b5a82d2d51b8675713	undo	2026-05-14 10:09:39.175543+00	cc0a4b82-9fd5-4048-ae32-5704100f4b30
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cd9d1945-d4f6-4952-aed5-03e4a1d3e3a8	3b6e368f69174357b8cb4a8d737ac10e	given	2026-05-14 10:09:39.208839+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9aafb963-18ef-469d-bddc-a42282a88e87	f64bef8b1e674757ad99e9bed6798b0e	given	2026-05-14 10:09:39.253028+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8163625e-ef66-445e-8841-45ab9f7d1b78	a2ac1937842e4a0bbe776b335711c6cb	given	2026-05-14 10:09:39.301051+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	858c2b98-d939-43d5-b28c-d468b3a1462f	b406461d376843308ee9c02f9b59eae7	given	2026-05-14 10:09:39.371859+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d727c109-15b0-4302-95bd-02adececde41	a45a5d3da523436a994d958d28f2732b	given	2026-05-14 10:09:39.460421+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f84a992e-e4c3-4fd6-8e3f-a05a2547c722	e4c39895d8af4afd840ca11e4f0d118a	given	2026-05-14 10:09:39.50876+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4fb556bf-767c-47e3-b510-0caed121a946	89d3256fde9f496db984a002e6f76ab4	given	2026-05-14 10:09:39.553627+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a494e0a-562d-42ac-a913-6d596e9737d1	ba2c3d205bd747d28611e035535d46d3	given	2026-05-14 10:09:39.596376+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ed8f6335-9e1e-458c-84d7-14abd702a29a	6486d84a96b9445daba7f9eca100dc02	given	2026-05-14 10:09:39.641143+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d1532ef0-a643-40ad-af87-de4c90e52f61	35c47794d05641b58f895f7f2888f68a	given	2026-05-14 10:09:39.688108+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2fec9dc8-9733-4ffe-b387-5116408dfc4c	0fb149c9e21d4410bd3f8a8104fa2936	given	2026-05-14 10:09:39.738805+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c2f7c8f-64b1-4ea0-b8a5-97087999938e	cc3aa86fe7fc48328c23909511367943	given	2026-05-14 10:09:39.788741+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3cab9809-b424-4aca-98bf-234506ff739b	6e903f275adb496bbaa4a55157703581	given	2026-05-14 10:09:39.834041+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	72c2b516-7a2e-49c5-9d54-5a9fe330d1b4	b6cee5519da146e3b331791f860270b3	given	2026-05-14 10:09:39.93711+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9c322c95-7b49-4d92-b1c6-5ea2558ef06b	3d10d1d5c4294eb1975d11db60294012	given	2026-05-14 10:09:39.978904+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ae27963a-bed8-4a87-9238-4303c7b3e578	cb7f280b086644bea1d070d92638bf83	given	2026-05-14 10:09:40.020969+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1d095565-564a-4d62-97ca-268f6c0ce92c	fab2f720c9094ef7abc8032d443e5426	given	2026-05-14 10:09:40.073026+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e5bdeda0-063a-469f-8cf9-812250d01484	8f21635adcaf4afab4f675fe585859d7	given	2026-05-14 10:09:40.125043+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1926ab50-3186-4e77-9cc5-a384cb8beb94	ca3a4194d12749aca67e44520ec4021d	given	2026-05-14 10:09:40.179331+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a74f63b4-43b1-4cc3-84fb-4b3187789d8d	0b1aa50b18f04212a667ec617ba1bc13	given	2026-05-14 10:09:40.231657+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f6ed4abd-e849-4c7f-8a40-bbc32806d3e2	e2c0c09f2aac4aa68cb8b700e4e10d07	given	2026-05-14 10:09:40.28879+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b5c5d207-a708-40a9-94dc-fde59d798328	5b688df30a854e8ba17d8533a8a7582a	undo	2026-05-14 10:09:40.341403+00	f6ed4abd-e849-4c7f-8a40-bbc32806d3e2
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	161aa114-4988-4f7e-9859-16646928469b	adee92fc4f8c47a39e3d1334e2cfab32	given	2026-05-14 10:09:40.43319+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	61151f36-b50a-404c-ab36-2c480eb71af8	ba6b91ae461c4b96862135011522704b	given	2026-05-14 10:09:40.486001+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f3265871-374f-461b-98eb-a7a58d9cab00	e7fff6d18a7a44f787d42033028b8a1e	given	2026-05-14 10:09:40.534931+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e1bffe0f-a0d1-4aee-9045-cc58033f7c9f	c9267cc47edf43b7b28fc753ced19baf	given	2026-05-14 10:09:40.583372+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	06188822-64d4-45b0-a029-98b7ccda24ad	a0a45069d547496dbf901259ce91beca	given	2026-05-14 10:09:40.63903+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8e7d4924-604f-4fdc-9b1c-7de04f218312	698e7ad8680745578f79b3d132a47751	given	2026-05-14 10:09:40.691625+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	55bdce4f-7ab2-49ab-9f19-c307050004fd	a8cd2494532e439a9215c8c09a54d9e4	given	2026-05-14 10:09:40.742568+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60726f30-52ff-4362-bfd9-917ebdfe65d1	69c2af6e422b4865ba8f85cf6056b2cb	given	2026-05-14 10:09:40.800033+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7ffeaef6-bcba-436a-ba4e-40dcc7f6f746	88866adfb8794e04af7ee6953c74b80a	given	2026-05-14 10:09:40.854781+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95d7fdcb-2b43-4eee-aee2-135e47ad5e9d	92ffd0ea71e04cbf81e6c5d50dfab06c	given	2026-05-14 10:09:40.948877+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7b8ef206-5fae-418b-904c-e99edc15aeee	0d37b21fb49c4319ad11208a9a1dbedb	given	2026-05-14 10:09:40.998854+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c2a8e74c-551d-4914-aac5-cffa203773cf	59b342d69cc545769a09049e4d6d8f09	given	2026-05-14 10:09:41.050357+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1de6b41e-187b-4f48-afbe-9e611dad98a9	121d41965bfc4a5aa056777b06894d7d	given	2026-05-14 10:09:41.10375+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8eb49e15-f00c-4c7e-a727-042c4a3206a6	954abdb6a2704c4d8247d7d86e5185bb	given	2026-05-14 10:09:41.154618+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62537449-444e-46e7-9cfb-e91dd42d3aea	b1a4b7f6ce0e468794ab68df2e8d3d25	given	2026-05-14 10:09:41.20668+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bf6890ea-52a9-47f9-a900-e3f2dfeb31c2	3aab89c3da2c47b89ed3cca30c1e3195	given	2026-05-14 10:09:41.253807+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1e2b70e-42b2-4104-8db9-80d2fbf95298	274e7ec921ae4fa1bdce291c31ef27bd	given	2026-05-14 10:09:41.300524+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	abc0f5e1-dc5e-4186-aadd-0cde4a586234	5549f1bf1bd84dfb97939cce6526c6da	given	2026-05-14 10:09:41.347545+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9c2b21f-84a4-4547-8b20-580601dfd13f	143253edc627416385a88ba73ac60307	given	2026-05-14 10:09:41.433683+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4af07bb5-ca27-49d9-9a26-bc2868e01f3c	9265667d004844f280497ecff0f99f72	given	2026-05-14 10:09:41.485036+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	268eb5f6-f850-41f7-a76d-fb4418c89e0e	41cd19628b9c4a2e994f91bb0df11cbb	undo	2026-05-14 10:09:41.542821+00	4af07bb5-ca27-49d9-9a26-bc2868e01f3c
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ec8ed9db-8604-4707-b80f-ca5b7d2739e1	8081f89d134047fbaff2bdf49d9035ad	given	2026-05-14 10:09:41.593593+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f2c38d8f-7f3e-43c6-b8a2-6eb3a2519c51	c0395366c7c04ceba5735252ee1a95ca	given	2026-05-14 10:09:41.649006+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63d13ef8-b07b-4343-be7f-a42fc416280b	4e6e0c1980d24785a3634fa11e6970bc	given	2026-05-14 10:09:41.691887+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	221abb89-3572-493c-9eab-1d08f887087b	22261decf0ce481a96c91498887baa72	given	2026-05-14 10:09:41.738945+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b69ab467-0064-43cd-a310-8aee92aee7a1	a4e5e818444e41eda38d95ca0ec4fced	given	2026-05-14 10:09:41.790845+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	58a9d282-253b-4b17-aa83-1ea8ce65fbaf	1442c6f89d384986a5c57dbf17f7d9f0	given	2026-05-14 10:09:41.836563+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	538f57e7-9293-4187-b964-e6959fc9a35f	8a51a07d00e2421b99a2419398d487a9	given	2026-05-14 10:09:41.941976+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d1e847d9-4416-4439-9319-a4f72880298c	a9013a694d4c41c383a7b30278c29e2e	given	2026-05-14 10:09:42.007996+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c22450bd-b0e0-47cd-ae8b-d65f66c9623e	58484c0e546d4dc99015a8b690bfda10	given	2026-05-14 10:09:42.066629+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c0433844-c97f-4a27-99f0-a4487f6c655c	5b1f5a9e931940808bd0b5b322cbb9c0	given	2026-05-14 10:09:42.13077+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ad7f27b4-28f5-4717-afb2-a46db61e02fd	d30be5d6af9d41e6ba7d198d50f3a5a1	given	2026-05-14 10:09:42.188406+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82fd89f8-f092-4415-9dc9-fe43dd00608e	6ee3a6fd092c45bb8b2ccdcbc68acd61	given	2026-05-14 10:09:42.24734+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	189cc9e0-6d3b-40a0-9d6a-48929d478baa	636b4ff4c7a24e78adc596b9aa49ccdb	given	2026-05-14 10:09:42.314163+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	617f40b1-03a8-430e-94c0-d9b449e22f80	e2b4eac8c3234f7ebddce236901aed46	note	2026-05-14 10:09:42.36528+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f8a0e092-358e-40ea-9b39-5618e5d825f5	d612097b2e024aa8aea3bd8d0be65fe2	note	2026-05-14 10:09:42.373755+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e0f0ea3b-f812-424a-a4d7-e72e8f4f533c	31bde5f2e34c422baa1f448383bbe646	note	2026-05-14 10:09:42.391314+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	01f50f43-b05d-431e-ae2c-d61e65447850	a19faed09d514ab0a50c087d6219b71f	given	2026-05-14 10:09:42.400671+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0e0d0988-9e80-4b76-a2ba-20249faeec67	cbb4e77cbb0048d9a30c1fb8fe2ab016	given	2026-05-14 10:09:42.422249+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0c302cce-ba3f-4638-bb89-99396376fcf9	0b2c28a44f6c40f086ee549d365ec045	given	2026-05-14 10:09:42.446785+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	74ed9618-6cc6-46de-9114-da8c656fec3b	59e806401a2a4f33acbb8ada02af9551	given	2026-05-14 10:09:42.473397+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	be00c0f8-0c3c-4118-8bf0-2600dd6daa79	8279e2cc6bcb475085f8321a242a9d55	given	2026-05-14 10:09:42.506857+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	289d645f-5f73-4376-be6f-b321d46a4a84	37693f6ae4094f5daa5d54a929f90916	given	2026-05-14 10:09:42.536344+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	832e407d-deb7-4014-affb-6037b5116460	162f36e24c2f4f6f8d406bdde786beec	given	2026-05-14 10:09:42.563599+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3d3f5412-7d5c-4a0c-a49e-25ea42940087	921a6ee0a9474fdbb64a9c8a9bb01a6a	given	2026-05-14 10:09:42.59006+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a44c63bf-18a3-43a1-9692-77f0c3d84ef0	b43f9052143542878a347a2b6d44ade8	given	2026-05-14 10:09:42.638687+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0c7620e9-7918-4a6a-8134-268f93b1b344	192e092542d24b1fa36cceafedf68fa9	given	2026-05-14 10:09:42.670792+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e980ddc4-3e61-4d13-b3f5-c61575b483cd	3a27bccf772a488a965ffedbd7725107	given	2026-05-14 10:09:42.701165+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54af6b06-9cde-4bf6-9816-c465023ca708	25284adaeb8d46c08329a5d6040eb827	given	2026-05-14 10:09:42.736961+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c140d5ca-0656-4177-ac26-3805ec83e1ae	7b01ef4d99794147aaa9b7402ea855c0	given	2026-05-14 10:09:42.76793+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f71a578a-52a0-435b-aea2-a82f26e787f1	5066d7b840f348e6951b182b16baa819	given	2026-05-14 10:09:42.801161+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d31bbf23-1dae-4217-9f63-cc7fb6111e92	00adf76597f0408295a650d450b44bda	given	2026-05-14 10:09:42.830417+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c4a8a9b-d835-4ec4-aa16-3f6525a22834	107c9557169941eb8f3c396255b51f21	given	2026-05-14 10:09:42.865222+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92290fb1-8cfe-4ac8-895b-10d8a82efb7f	dd87f5ebfe7744358d5b173d92f6f3d9	given	2026-05-14 10:09:42.894838+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	65b7e957-9e4d-41db-972e-a20419612ad1	aaeb1c288f7245a8b7f7249201b02c5d	given	2026-05-14 10:09:42.953057+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a5d18ad-eb0f-4a5f-85c4-03122043dd95	ac6d0678241647c59d63d4ee9b29284f	given	2026-05-14 10:09:42.982289+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	36484904-517d-42c7-8731-d1d0deb38d06	5e39737a9d044abb94456f350dfc9524	given	2026-05-14 10:09:43.011276+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	602c2629-a3f7-4bb4-8bf6-e0a190954873	ebe669b574594e1bba7556f4ffbf9ed6	given	2026-05-14 10:09:43.043096+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c6ef3af3-44ca-49d3-acc9-a05f0e93bda7	e5f49feb2ec643c1adfc75b5f507f319	given	2026-05-14 10:09:43.074932+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e1a7f696-efe8-4cb1-ab52-4b073a4fbb8a	05e26ea89e24469796d1e296b2f96be6	given	2026-05-14 10:09:43.10917+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c309bd39-d4cb-4941-b751-4bd18c861cf1	f438605e62be4fc881e92e0fd0372e22	given	2026-05-14 10:09:43.151391+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	875f76eb-f82c-4bfe-840a-a4d22a81e1f6	bbc76b4462004d4f81856d5609a4b9a7	given	2026-05-14 10:09:43.194098+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1b6ef7aa-f2c6-4bf4-a4fb-d28e1e7dde0f	0a985fba7b054380998e8930739a9a4d	given	2026-05-14 10:09:43.231943+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3d8e1cde-cc04-4273-89fe-49f3daa2c8ad	f130ba639187438b958e192eea7603d0	given	2026-05-14 10:09:43.307536+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	03064f54-6267-4b46-8da7-aa6adbe78fea	be01cba0c7434e9e91ca4e99e60d8727	given	2026-05-14 10:09:43.349115+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	756cd6cb-475d-446d-bd2f-b6b217f05309	02786a1e8449461dbc219bde357daccd	given	2026-05-14 10:09:43.386175+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bf21008a-3b75-4a33-9620-809bcafffc9a	7983b28b501649099202aff7ab981ebf	undo	2026-05-14 10:09:43.418828+00	756cd6cb-475d-446d-bd2f-b6b217f05309
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a1701a21-977e-4013-aef2-3cf92e0356fc	2fafb552770247f7bb301d72ea0fd18d	given	2026-05-14 10:09:43.450484+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c05afd5d-0aae-4339-9115-9faa54e8a20e	36c5c6f44e80479ea21e97c126004d90	given	2026-05-14 10:09:43.482448+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60bf3d7c-9f21-408b-ae54-c3d98160a802	f79eb715ed5f4fd6975073ba1851eafb	given	2026-05-14 10:09:43.513517+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c76e79e-336b-4e88-8f01-f4f0b3609a17	3daf4e2536714cff8624844ff4982d9c	given	2026-05-14 10:09:43.550858+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f843a562-7f31-4592-a5b5-a147acc09a8e	740b06bb0cc04b8cbab053d6e9f58643	given	2026-05-14 10:09:43.578807+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ea466418-0ebf-444b-9c0e-cc2543a2ecee	51364dfeca0a4ca1a09d09e475e0b40a	given	2026-05-14 10:09:43.636348+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	987932ac-09b0-4900-b4ba-7bb51cd06b69	f8b50a67df724ff6a92633134f07d4fc	given	2026-05-14 10:09:43.66602+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35c5edc0-6e20-4d56-a607-abca84b79ef7	85afade59d4040158deb83b11739c429	given	2026-05-14 10:09:43.696488+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f12daa28-27ca-4bf3-9756-5a3be095cde5	d8c191bad43746b9b08a2cfe35264592	given	2026-05-14 10:09:43.727193+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62781f5c-8151-48b3-9c94-9324b83e0210	5726c6649309431eb76cef6da54ed104	given	2026-05-14 10:09:43.762363+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	36f20b47-594c-4cbc-8f8d-4bdef3784ff0	189141257b5c432282d952f914354d9e	given	2026-05-14 10:09:43.800607+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92d9c82d-beef-4704-ab60-723526302e7d	dfe4751d8b694b9a9311cd81db840681	given	2026-05-14 10:09:43.836131+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef861dd2-f4a2-4e4d-8bae-1561de7f7a65	8a0ae89e2013419f80d4fad9c005f1a9	given	2026-05-14 10:09:43.868956+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95398d16-4577-4faa-b54c-30db04398e91	766d1a5ff6874e5baf3f194a08b7bbb2	given	2026-05-14 10:09:43.90075+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7b0970ba-7dbb-4132-856f-4c0aeda6b407	c2c2d185c4e34c2d801a0f105d6c7c8c	given	2026-05-14 10:09:43.956611+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	070ccb09-47d9-4676-a52f-cfdfcfced63d	c230d9cc4b5745c0946ce24bb7161726	given	2026-05-14 10:09:43.999832+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	70f3aa14-a165-4493-a96e-807ac74d815d	68a6799614d54a6fb9420b6e36b7a197	given	2026-05-14 10:09:44.035489+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e917dc7c-a76f-46a2-b92c-d4d1178cb010	10038b0fb57c493ca0aba32dd02e66dc	given	2026-05-14 10:09:44.069261+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	55b08802-e8c3-4682-bad8-f8312342d36d	0c06fd5738a946b88a8f41710a38f89e	given	2026-05-14 10:09:44.106384+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8c865902-fe6e-450e-b2e7-f12af0dd061f	5b88f6e557554f0298d31cd8906433e3	given	2026-05-14 10:09:44.151928+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0f389e77-daf9-4fa9-9586-3305cc052520	1487c5da4e254c1787236aa3326f5ec2	given	2026-05-14 10:09:44.197193+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	089ab026-3ca5-403f-9f61-ad1154e56628	50034a291fa742be846d42c16e112c5f	undo	2026-05-14 10:09:44.238947+00	0f389e77-daf9-4fa9-9586-3305cc052520
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7956ea75-2e60-4bd3-913e-5d206a9bbe52	78d6d132f5eb4c3c9dc643d35c8bd0c7	given	2026-05-14 10:09:44.280142+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	306a3f8f-9358-4e5f-898c-10f832fda738	423ac354196a4fdaabeb9cc523f108e8	given	2026-05-14 10:09:44.353121+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	94c4882f-c797-40db-b20f-671563ddf0cf	b8d5793db7334a80b4c20aa3d2cd1168	given	2026-05-14 10:09:44.413326+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e9805a8e-f4f1-4674-ae30-aded1548c974	3a8f508def02490eab54b7b0dac18b59	given	2026-05-14 10:09:44.45989+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	84a31abc-21ec-46fe-8c58-3afdeb1fe178	a1d51c58c4c74ec5a4e9b212ac235b0b	given	2026-05-14 10:09:44.498211+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a6947fa4-fa80-4855-8178-8cf768e04e4d	d9023e004f9d41908df76e5e5303e7fd	given	2026-05-14 10:09:44.564579+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c7115e2-d4a4-4e1f-bb12-62c6a0982a92	418141ca488f4eb6a58fc599d8a85806	given	2026-05-14 10:09:44.606348+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	523c4af2-4862-4224-a619-3a0fff997af9	c5032375e9c24a8fa344d337242de4ea	given	2026-05-14 10:09:44.645309+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e49f56da-315a-4f8c-9c75-582990412fb0	65c62fae39d94fb28eee31989386455d	given	2026-05-14 10:09:44.688692+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cd2b624d-0443-4fb9-b694-9187aea26594	99ae1b68556b4838b38711836c850893	given	2026-05-14 10:09:44.729251+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f1f1d1a7-d521-46df-ab07-7a522bc9e135	c434737473ff40e3b08ac93cac15ce67	given	2026-05-14 10:09:44.801971+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a556016b-0511-4293-b6f0-f786b70d94f7	bfcd93759076441ba11428cda7cba6af	given	2026-05-14 10:09:44.84288+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3212acaa-cd42-4ede-bb3d-902d92ab61d5	d73345a03d61489d9b5b50f125fff70a	given	2026-05-14 10:09:44.882691+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a602bb6a-5b1b-4e9f-a7fc-1c36ccc5f328	985477639cc44219aeabb12aeeb7344e	given	2026-05-14 10:09:44.930944+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9c0db02c-f3aa-4c62-8171-5000c4e03088	f52eb0a978d14422a5e23f67f2b2cf8d	given	2026-05-14 10:09:44.971382+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f2d859b9-7734-44a1-ba2c-b7dd4564cae2	268e610e79b147ac9a68e2b8f4a82dc1	given	2026-05-14 10:09:45.011641+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a986b1f0-2fac-46a7-89d7-57f6b237661c	7a2dc7e529aa432fa538f36ff917cda0	given	2026-05-14 10:09:45.060873+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c13c9143-4abc-40bc-bb75-2d1d17fa960c	b07a557ca331406db618260b5eb52b37	given	2026-05-14 10:09:45.119739+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f8eef917-9995-47a9-af12-4cd21a82f108	7f241bd96a9a42d7a8571df194b32df3	given	2026-05-14 10:09:45.171815+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	26615f5b-96e0-4f30-ae4a-9380cb17d943	c85899c2b9064519aee6bc6ab8f0c3f7	given	2026-05-14 10:09:45.250882+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ce9d3e4-b805-4234-9946-1caf9ade0702	b6939ad0ff844015a28f075c9e1cb947	undo	2026-05-14 10:09:45.292906+00	26615f5b-96e0-4f30-ae4a-9380cb17d943
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	475af801-2e3b-4d3d-ba0c-ac53e1549b90	57593ac9107240e1a222cfcebd61b195	given	2026-05-14 10:09:45.329003+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9db8fa38-c41d-4891-b908-6cd8f0757b0e	53968665a1c345d7acb06e0c1882ea46	given	2026-05-14 10:09:45.370714+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8f684446-45fc-47e8-8dfc-8772797775c9	6c0493d08a9b4330a293101049bc19da	given	2026-05-14 10:09:45.412651+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	225a16e7-c2e3-4bf0-904c-607cebba87ed	488dd3527cb144b684175adf0b5be00e	given	2026-05-14 10:09:45.453789+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9aa60213-3bba-41a6-bec6-57624b6264d1	b03201d9780240a3a29bc1534d062048	given	2026-05-14 10:09:45.499172+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c52b05e-e005-411b-864c-e979b2b0b285	e242c2102913430e834f0615e04e9355	given	2026-05-14 10:09:45.543358+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	765b71f2-7d98-418f-b9f4-397aced296a3	b9035a5ca6f54d03ba925c1ce83dfdad	given	2026-05-14 10:09:45.594199+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32bd3e08-ebf1-4eef-9b66-a04b092b7290	0a914eefa6f547d9ac4cb04649451100	given	2026-05-14 10:09:45.660806+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7d25d8a5-d526-4057-b46f-a5a542685f37	1e8220a060814c829867f54cb1fb594d	given	2026-05-14 10:09:45.696447+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90b85a8e-6ff7-45bf-abc0-b7bd7a27ca18	5e3d38319c494e179b5e50cd5fc02a50	given	2026-05-14 10:09:45.735185+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90b3c276-ecd5-42a8-b916-1fce09887c47	9e5ef8aeb93e42f6aea6d37ee0726fa8	given	2026-05-14 10:09:45.772009+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	08ab58b6-88dd-4102-8d07-d1a4be06be66	92eb075663e0483d9d5f9a6548b0a31d	given	2026-05-14 10:09:45.814432+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f7cf3ae2-605a-4a84-b223-1a1c49c6e611	660e1c57d7954b61b709a59e9fe6293f	given	2026-05-14 10:09:45.859877+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8541064b-6a4c-48f5-b2a0-86559be5248f	c3ac84926d3d4030a1b74125e9527121	given	2026-05-14 10:09:45.900118+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3470de51-7dd6-4161-b439-5467a6df915f	bc6d0f1784994bdc81112b0f378c29f2	given	2026-05-14 10:09:45.946387+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	116c359f-dc51-4d36-acbe-fca4790b6999	9803492e20654505b968582766c93997	given	2026-05-14 10:09:46.002605+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ab87443-a020-4f76-81a8-a955b5122d59	604a275c09b74491b938e07ffc9dd120	given	2026-05-14 10:09:46.079715+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ad9f9cca-4a28-470a-ab5e-f19076d6be0e	b555f0b65b7249dbb1428c3e9fa1972f	given	2026-05-14 10:09:46.12638+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5e55e91b-2afa-4791-830a-558963f7e747	e59b2143e94f48f2ad79dc06e58f7384	given	2026-05-14 10:09:46.171989+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5e95a1a0-6a54-4b1f-a5fd-c2827e32539a	7733735218fd432db027d3adb1134d96	given	2026-05-14 10:09:46.224878+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dac5edb5-3d22-4c1a-8983-ff84cf3e74a0	f0199d729462471fb56f427209b6634e	given	2026-05-14 10:09:46.270876+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5ef6c779-21fa-451b-b0b3-cc44542739ea	a66dfa9cca82437f86156403cf2a63e1	undo	2026-05-14 10:09:46.317566+00	dac5edb5-3d22-4c1a-8983-ff84cf3e74a0
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f3b9aa9a-35ff-4afe-98e2-93bbc3af3667	6cd6fd616e0942fe969b13d356ce06f3	given	2026-05-14 10:09:46.359053+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	40e8f481-d33c-45cf-a77a-3009e9dfc003	e69afeeda61c4bf7b58b1f7648c7328c	given	2026-05-14 10:09:46.40639+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0f251e1b-324d-42fa-820e-6e1d635eb0e2	417bb554b6b84dfb9df828245af96622	given	2026-05-14 10:09:46.454613+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46528d70-658f-4368-b040-cc5a14d588ee	85e09af90c85490caf136a840c26e563	given	2026-05-14 10:09:46.539209+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3bc217d7-03b7-4064-82f6-b54772b0769e	c36afa68e0c9461296c156187687fd2c	given	2026-05-14 10:09:46.587843+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	80d1c3a7-48df-4ec3-a476-94127c07a3b7	d751415d12e547dc87c0286ed6513802	given	2026-05-14 10:09:46.633736+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2f110f9f-11c4-4d55-90a3-e8b7de45121c	8f52f0f604a843c194200620aa9eae47	given	2026-05-14 10:09:46.683827+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35857bc9-8e20-4183-9e56-3839b8051ac2	bfd67db6b1f34bd5bef372481d88f847	given	2026-05-14 10:09:46.733235+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a8438990-e72c-4528-99e5-fca75aa9af20	11df107ce0974491a330329dbc39d587	given	2026-05-14 10:09:46.784691+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fae6dedd-dd21-4305-978c-68240011cb19	a8119d93c132434ea5fcfa6622c64623	given	2026-05-14 10:09:46.834538+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	808d6ecd-5c61-42f2-8c78-297789a88baa	acc5014db5a543dbaf2143b5744a1377	given	2026-05-14 10:09:46.884533+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fc25b6af-0609-4087-99b1-fec34ffe8a11	1e3275130b384906ac59187cd0fa40cf	given	2026-05-14 10:09:46.931371+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c976e6e3-4ba8-4542-824d-c35fc36f0929	c064d3c1dd0146eba7df494fef5b56d5	given	2026-05-14 10:09:47.029163+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d8e3adb6-9108-4a34-8121-bfda81874842	9c8744e2dffe46a68c4e48699ed1acb6	given	2026-05-14 10:09:47.100381+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	645976ab-cd15-43a0-a749-c0e820ffbe07	5d3099b6f5c64cd3812e14b73d1b83d1	given	2026-05-14 10:09:47.149166+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a608a29a-43b9-44f2-90cc-8b95cd1f892d	6a4461f8bfda4ff9b5b019dade83cab8	given	2026-05-14 10:09:47.19492+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	36097bc9-c5c3-41e9-9f12-f3b20fe167c3	4e020c28b7c64e47b34ed9910a55c7a1	given	2026-05-14 10:09:47.240785+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1485b143-b7dc-4b7f-b4e8-9868a3099649	ce4b021fb5bc4f23acea588f34a2a7d7	given	2026-05-14 10:09:47.285198+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	caa44b74-1699-4fdd-9021-4ade68ebd1ce	7200f35902904186a790727509726ff0	given	2026-05-14 10:09:47.333076+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ddb5cbfd-b606-42c3-92fa-ffff664b0c85	4ca28e1eeb4346a1b1a45661dc1d1b3c	given	2026-05-14 10:09:47.380493+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a7daa9a2-a98a-484e-a7a3-ef9932d68ecb	6c23def20b214df09854ee568e58b954	given	2026-05-14 10:09:47.427562+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f07170c7-a239-4d91-bb1d-456efb278582	f807edcd167f44d99b02a16ae502ecf3	given	2026-05-14 10:09:47.516887+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8f52aa75-1923-40b0-a3d6-449f866849bb	ad872ac960574710ba71812d3c92c971	given	2026-05-14 10:09:47.571244+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8cbf896f-5e8b-4d30-85cc-40d1f671b96b	4ead45eadf694c43a7487f2eb39875e7	given	2026-05-14 10:09:47.625861+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	661fa535-1bd1-4d97-8305-d4edfcea1c67	ef941ffcfdb640bb8ff55cbac80e1380	given	2026-05-14 10:09:47.674064+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e3d56d1-da2c-49a1-90ca-e5926292d808	1bddc50f7ec84c64867a3624e1aaff2d	given	2026-05-14 10:09:47.720945+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c2534d6d-4480-40b9-b27d-66d4661dcb5f	057a12496ff1455abce995f17c8d904f	note	2026-05-14 10:09:47.752136+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f6db4d1a-9878-40cc-b2b3-ec674fadd23c	02f508ad65384f4aac9a8ac0368355d8	note	2026-05-14 10:09:47.761158+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f5490cc5-b0fb-4f66-bb6a-8b520495ec15	ac5423e03c184e6b88c49bebd2379c36	note	2026-05-14 10:09:47.772559+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a53c8937-1f38-4997-8358-8de1337e09c9	876713f1ccc34f0b9d8b6a401b640a2c	note	2026-05-14 10:09:47.786205+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3dd7e9f9-4678-4039-86f9-550f858044fa	2d30d4f0ad6a4e9b9a72a2abae90432d	given	2026-05-14 10:09:47.834446+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d5e9e801-f062-4df1-8d43-2159b990593d	24be93c2d0c34358b9ee8befca8b5e3c	given	2026-05-14 10:09:47.860048+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	de22c8f5-2126-4b34-bcf4-17072bfd0bb7	0998fb73040b40b891f85a4bc7d992cf	given	2026-05-14 10:09:47.881126+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5a47d184-141c-4ccd-9d23-0a7c6ea869c3	a0841f74dacf4a4fa5c353d41365941f	given	2026-05-14 10:09:47.901536+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2f3d4553-2e76-4baf-8b73-30e29b30b705	342207ef1086462b99e20e352c98f629	given	2026-05-14 10:09:47.922893+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9234f0c4-c89f-499e-98ce-28b402a34c9e	c5b5e93ed24d4c2291f6b885636d2e6e	given	2026-05-14 10:09:47.947547+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c24dd0a-a6ab-4ac3-a442-25619badf8ab	8f55d4152acc4f709a3fedc2e6e1b7ff	given	2026-05-14 10:09:47.970961+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	212f3e9d-60b2-4cad-a8d8-d806ac1cc633	40761828bbb345e199774c5ce54f7e6e	undo	2026-05-14 10:09:48.000672+00	4c24dd0a-a6ab-4ac3-a442-25619badf8ab
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eddcf29f-adac-4522-89f3-5b0072c6e8e8	6ac6bfd28f81486ea2eaf7f601aa132f	given	2026-05-14 10:09:48.017816+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	72840c48-22f1-4d01-a923-aefc0bf3bc24	f18f1356e72f4cdf9ce1ba5dd6e81c41	given	2026-05-14 10:09:48.03749+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d3b77723-4708-4526-ae41-ad82c154236a	c2ee9e25d4654c19ac73b7e28ff6e29a	given	2026-05-14 10:09:48.063334+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b1a00d32-315e-46c2-a606-0c69946943c4	4700b80e8b104dc89ab93c986a0bf18b	given	2026-05-14 10:09:48.086402+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a7453d7e-74b6-4802-b0d7-7b042f9b988d	195f6cf6ec8e4a339d85345ff207be5c	given	2026-05-14 10:09:48.109901+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eec8c650-f69d-4d56-9848-d54cbea7f751	4959052554eb4893bd8e9ab2bad973e5	given	2026-05-14 10:09:48.12787+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1356f1b3-64e1-400a-a90c-1fbe378402da	c1b5a0f77534423b8a8f58a3e77a30dc	given	2026-05-14 10:09:48.155515+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c634d56c-4201-4e81-956d-76b8634a5ce3	63824ec92b9c478da0312814f4967d4d	given	2026-05-14 10:09:48.192866+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	53851bff-d284-4c9e-8219-03ff094b276d	a51665e7405f40aab4ae2ce7c1d6afed	given	2026-05-14 10:09:48.213796+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8b29fb8d-05a4-4718-b414-41e3562f3613	5502e9633be04643817930e9dfeb9094	given	2026-05-14 10:09:48.235428+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b76b694e-7456-4355-9bc5-086c6dfffde4	9e4d0fa736324d3d9c48da65adaa5904	given	2026-05-14 10:09:48.257038+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a2aad77d-baa7-4068-b87e-1fd43eec5314	a69869b7629443f89110747541eaf497	given	2026-05-14 10:09:48.286159+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a8027777-4150-40e6-8410-c639fe63bb58	cf9bb72dec464d518735a31f21e24231	given	2026-05-14 10:09:48.310317+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cce1fc01-e9f4-4a1e-a983-d9f8bfb6b3b1	36d6b518cff6443f931359fd32badcc5	given	2026-05-14 10:09:48.334858+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	86c48ce0-1ca0-4953-926f-3bf49675b4a9	216bbd8b61af4157b2bc0382a2ca535b	given	2026-05-14 10:09:48.356184+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	68e3295c-f1e2-40d2-aed4-513115918bda	815eb62c7635484d81e7798d2166b33e	given	2026-05-14 10:09:48.373493+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f0e3e547-5ef8-426b-b220-57de2b9a2ad5	e29b2b6a3d0e4c4187902f1c133e3c82	given	2026-05-14 10:09:48.394202+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2cc09778-5a6c-48b3-890a-14a14d2d42a5	e8d56d9543ea4936bebf944b6f3e57d2	given	2026-05-14 10:09:48.413526+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f29ebf23-4e8b-42ae-8be2-ea2a0b60659b	a152cf7265b644ad9811b8bc31fe21fe	given	2026-05-14 10:09:48.433121+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e32fdfb1-f679-43e7-961c-04d434258dff	f6f64c4625814d01a81ebf1f3c612358	given	2026-05-14 10:09:48.451641+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7cdb9888-00d1-4141-8c73-b776d6129a30	be725444f52c436890b4b34266f3a003	given	2026-05-14 10:09:48.46944+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a33c353d-8769-4bd1-9ce9-dc7df21c264f	4930c1c1895042f99faf3cca5cff7c20	given	2026-05-14 10:09:48.486672+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43d64e38-f68a-4e02-96da-6afca1d68932	03c3cb9ca65b4097bcb47813e4002944	given	2026-05-14 10:09:48.671779+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bb8c7c87-b25f-4ab4-9b3b-b756f722dec0	a1f213a6d1504f17986c3dd8e878682c	given	2026-05-14 10:09:48.88875+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ba282ec4-98f9-4855-a303-603a8858ae71	897df02e7438465d93acbfb3c6586b4b	given	2026-05-14 10:09:49.151127+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	65893a31-44ab-4862-8419-870a90087273	1c09371d282e4d27a01d7261706675fb	given	2026-05-14 10:09:49.172328+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1b87885-605b-43b8-8dd2-dffd502d8403	dbdf8e6bd2614ab4a9f1fb56ea100fc2	given	2026-05-14 10:09:49.408678+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f064ba10-d274-4e40-aa2c-5682ae87690f	4b7aaa4209384ddfa4d18e35daa86bc3	given	2026-05-14 10:09:49.667177+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	500c1a52-2124-41fc-9884-7cc8cd2f6d11	584ab19ef3464c7c9d8c82d02aa72ce2	given	2026-05-14 10:09:49.90766+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	39442e3c-015c-41a6-b59f-fb652041afab	5a4bd145a97941b9b08ec817fc0c9718	given	2026-05-14 10:09:50.126208+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6fda8e56-48ad-476a-b7cd-f0d10ceb1b5a	908caba6a6ac4fd5b88972ef96f0f52e	given	2026-05-14 10:09:50.36+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6e52772a-0c43-4f9e-addc-394c2989b708	4d2b97bfa1cd43ac87367b17541c91d1	given	2026-05-14 10:09:50.588594+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9f023fcc-9d45-42ed-9e39-a46afde22b4a	c5995905d967484eb3723e67c9911a33	given	2026-05-14 10:09:50.81489+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ccd0d6ab-99d7-4693-8ef2-097aaa72344b	4552851130b546c58e1351bc732d846d	given	2026-05-14 10:09:51.014081+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0a8b3e54-0988-404f-be9e-e4185b819361	5c4423b6cab3410397296564bcd41965	given	2026-05-14 10:09:51.252707+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dadc93ca-21e5-4a3b-bf2b-d34bc39169ad	7af31d13804040cfb67a4763fc959022	given	2026-05-14 10:09:51.470827+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3a792ff1-c957-4a71-8308-c8453bd9101c	a07b9159dbda477cb71ca0f252ed0705	given	2026-05-14 10:09:51.748482+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43a74d57-6151-453e-a777-f1c6af8c50b9	8fae3a36eb9f4f0ca738f7552d07e030	given	2026-05-14 10:09:51.9767+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a468b5e-a966-456d-956f-d3d20ec34219	0acbe5fb58444df399f3d5bf39b550d4	given	2026-05-14 10:09:52.160951+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e332dfc2-020d-4775-8c1c-d7aa7c500f2d	4de70e4648ae40c6b981844eadaafc53	given	2026-05-14 10:09:52.388616+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5ceb5263-91e7-4654-9984-5254763f3874	154463c82a464de38726dd862137ed9a	given	2026-05-14 10:09:52.571138+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8a647f59-cb9f-4b33-9cd4-036960d12c71	def1680e56604a94b60bb2f25fef38c2	undo	2026-05-14 10:09:52.778351+00	96595dbf-2232-417f-a64e-9101a9e17d44
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	edbb0bae-9f38-4d95-a18f-72811baa5bf2	bd067ec785ca46ebb461f7b33ae05668	given	2026-05-14 10:09:53.037139+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ecb1966c-c894-420d-a8b8-3f85bc4c6f65	68651215c02a493284fbe1f7bc853025	note	2026-05-14 10:09:53.3011+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a4228191-dd48-4171-9907-a18109233669	e0e5c881e1444d36a7be0c02324011b5	given	2026-05-14 10:09:53.478969+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9807137f-d90b-4cce-b342-c0547e4d0220	2d772f18d9a440a89276270c6b3e7d15	given	2026-05-14 10:09:53.685856+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	53b4dc23-34b9-4b71-9a4a-e4fc5e05999c	23ac9965b2a54752b3ff3d246759f2d6	given	2026-05-14 10:09:53.90935+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	29b504c0-2f72-42bb-bfbf-2df4f6653385	0b02794711674a0d92492108a7cf8b75	given	2026-05-14 10:09:54.126818+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	52bf7722-3555-4a7c-a385-d2aa1a7f1cd4	d490c6527f2d46d293ec2eb76717f79f	given	2026-05-14 10:09:54.361048+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	57c855ba-c8d7-4a5c-81c7-92cd63fb4bf7	d97f8348f29248c582338a31e599ba04	undo	2026-05-14 10:09:54.563997+00	59cdea2c-7cd7-4c3f-9ebf-e72dabd70e4d
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b98e7802-12aa-47e9-81b8-ac491f306ca6	e4c485e819e74c349d30ef34541ea4df	given	2026-05-14 10:09:54.761361+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e2d01022-c256-4a5e-b22d-86c9b3e2851e	225c543712e84e6ea69b7ac57234c836	given	2026-05-14 10:09:55.014807+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1163b1c-1d50-46af-94f0-9c342f26214a	6330cfb91dde47fcb5e694d2ff200218	given	2026-05-14 10:09:55.239131+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	299fb54a-f627-433a-b0ad-6e0a93a35dde	458ab532f436444c951bb11dcfcd25f5	given	2026-05-14 10:09:55.46482+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3b96d6d8-f7cc-4dbb-a83c-7a187c675766	34481d7aa1b54f839380bcca0ff55fe8	note	2026-05-14 10:09:55.673047+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2925a118-c693-420a-94be-1bffd6550d68	d698e7c6cae54885a201653460351c83	given	2026-05-14 10:09:55.860891+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	160f42e3-8e2e-4c26-b9b0-6b920a4999b4	b69135c9c98c485fac4aefe0f5924a8f	given	2026-05-14 10:09:56.093011+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	584acb18-8671-4c6b-a32f-a08680c9be04	b64b3664af784862973d4bdfa26243e7	given	2026-05-14 10:09:56.284075+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cab75e7b-9f67-467e-b3c6-2635b54a44a1	2bdecfe597ed44288b18531f8a07df9e	given	2026-05-14 10:09:56.465434+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d8433360-5c21-4063-ba28-3cb4de6fd8ef	c775cec161c44ab79ce8bf18bd80f8a4	given	2026-05-14 10:09:56.680416+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4b30afb5-9af0-43a9-9c06-6686c342b31c	0aef41886cb846938ddfc3011d1fb5d9	given	2026-05-14 10:09:56.8594+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3a8d3c9a-c719-4555-a9ae-700118a0eb47	5198673c73854c25ba50ffde40ff76e2	given	2026-05-14 10:09:57.038809+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2f4ff385-3ee3-41ba-8faf-3b39f07698e2	cf0f7f8bf5e4449b832fe02921bda0c8	given	2026-05-14 10:09:57.203718+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b485e8fc-669c-45c2-81fe-63f42791d305	40e9a028af8e4d6aa47ece5db0cc1646	given	2026-05-14 10:09:57.3673+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	aa2f3337-8f9d-4907-8319-c5d301e35383	853c750e9dfd4f5b89b9510806525397	given	2026-05-14 10:09:57.5441+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0da92e6e-22ff-4eb5-a2ef-ed7bd6d8a7b7	edit-0da92e6e-22ff-4eb5-a2ef-ed7bd6d8a7b7	edit	2026-05-14 10:10:10.393015+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	593318ee-80cd-4eac-af3d-405c164892e7	edit-593318ee-80cd-4eac-af3d-405c164892e7	edit	2026-05-14 10:10:11.815486+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e00ed7a8-b4e9-47fc-a79c-dccc6829dd63	803cbaa05f194378ab346eec9aebb734	given	2026-05-14 10:09:48.508908+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a5d8ac41-af23-48b0-aece-496bc30a1ff2	91c3ac116ae7497abc50313014439242	undo	2026-05-14 10:09:48.52569+00	e00ed7a8-b4e9-47fc-a79c-dccc6829dd63
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c65b6c0-086a-42f6-8573-361ca0e5ed75	4801ca6397114ea7996168678356e6cb	given	2026-05-14 10:09:48.540069+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1a201a8-f600-4363-9fd7-60842652006a	cd02896fc0ca478b881d876589024ccb	given	2026-05-14 10:09:48.559706+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5eb86695-e274-4001-bed1-f51ca2980afb	42f26c7477dd4646bf87fc8cf3bcf111	given	2026-05-14 10:09:48.578714+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef24559c-69d4-46cd-a67c-d49159f4797a	46b66bee18ff44f794ff284d5d712e21	given	2026-05-14 10:09:48.594524+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8428554e-2b5e-4a70-b5c0-133bedcca412	240827a14e754968b2edd69a2d5d3005	given	2026-05-14 10:09:48.611914+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d36154a1-1220-46f7-a290-d24c2083f3fd	a9d9b1ede03c4c7393a8716e87134c85	given	2026-05-14 10:09:48.629884+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f67fdc22-c77f-40f5-b5d8-a7215e03f531	5131e55d61214ba485e41073b335d8de	given	2026-05-14 10:09:48.649361+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3c1940a7-4ef9-44ca-8b6f-6e6833723c6e	fc27c5c5cce44366bf4ee7d169c50b12	given	2026-05-14 10:09:48.700602+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a1465d9d-8af2-4fb7-b81f-7e8e2346b585	aa2de7acb7d84db38564314f71b5474c	given	2026-05-14 10:09:48.721347+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3a538e4e-40f3-46ed-b630-28024db65abe	88276c5fa8e843a497370cef233a46c4	given	2026-05-14 10:09:48.737235+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8230a98c-9c94-4a2d-9efb-63b2a7f12bc8	2cee848736794d41ad76f1aae319c59d	given	2026-05-14 10:09:48.754701+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ad31597b-756f-423e-819c-99544eb8809a	dd4f483478cd42c489a31eb2c9157e7d	given	2026-05-14 10:09:48.776197+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	587e3a9a-a7d4-4ad1-9a2c-f651e14425cc	0a5943a1d3974f2b9064c36c654e3de1	given	2026-05-14 10:09:48.798237+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3e76f5d7-6aa4-4261-9cd9-7f42b29296b0	a7f1eb81cb84418f8bed213594eb2671	given	2026-05-14 10:09:48.821562+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c518bbb-1f44-4db6-bc68-6546600df434	80442fe23f244acc9f1cf3a91d1a891a	given	2026-05-14 10:09:48.850099+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ce035c7-a5f3-4024-aa73-61b58cad88ae	bc92a42ed0ca4a25af6ea85377ca4e60	given	2026-05-14 10:09:48.867799+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2c5d21bc-d927-447a-a62f-366cd3b6a454	fbedea5ebc70490c82d81be6c8d03fbe	given	2026-05-14 10:09:48.908477+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2c8b6310-f512-44bb-81d8-41a9c593e7b2	62b93ef0558443a18fcf4093f1f1a209	given	2026-05-14 10:09:48.928492+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2ae20c7c-e1f4-4dc9-9bc3-c6f4d7407141	c785ef3acf4b4c5d8f47b863ea4afb55	given	2026-05-14 10:09:48.978722+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f81c431d-7d55-40a7-9509-d81233f7829d	6914d8fae06e4d029d1b9e8366ed6dd0	given	2026-05-14 10:09:48.999677+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5169776f-85ef-46f4-adbb-6978e2438554	747e29d227514ffe966f5b275b05d941	given	2026-05-14 10:09:49.024665+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3069794e-7c99-4b98-a3aa-4450a62e6f77	86fee983e98c4636acc1948cfca28090	undo	2026-05-14 10:09:49.049526+00	5169776f-85ef-46f4-adbb-6978e2438554
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f578342d-a371-49c5-a5ef-d11eb33a762b	d94130e955b14a6192f058005d88c71a	given	2026-05-14 10:09:49.076639+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	098d50ba-43df-4a0a-bec5-21999f6ce9ad	7836b5caf92f44f2a235f15741370952	given	2026-05-14 10:09:49.105137+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f248a699-d0be-4712-94b3-8ce671373a0e	d79ab02520874550b665d5016ef0f933	given	2026-05-14 10:09:49.127742+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2bd9cb9e-3840-4594-b30b-136cc778cf39	5cf7b94cf38741ab84fdd51ddc8331fd	given	2026-05-14 10:09:49.200122+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	79fa3bb8-0328-43a6-84d1-5de47cc4d1c1	6ca819ba850a4dbcad266c7f3d852e2b	given	2026-05-14 10:09:49.225215+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	00a60ec6-7d03-4309-adb0-35b6e1ed629d	8aa52d7319d24cd8a08910b1bd863002	given	2026-05-14 10:09:49.249446+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	65dec5da-903b-4a4c-9e00-08cf697e59b9	b4114479320a47eaa51ebd9e35f70c55	given	2026-05-14 10:09:49.272891+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45ab7d7b-7906-4a6d-a13f-2b1156d0125b	f3aa0f8551474d2282a42dc1cdd51941	given	2026-05-14 10:09:49.29958+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	297cd241-f978-4e59-b884-88ad3948c3b8	78d110a58b1f4600bf00dd7ade0daaa5	given	2026-05-14 10:09:49.320407+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	33930bbe-05b7-4556-bc49-a2ca89b35b8a	82ac3f517ac84868a3c40827cdd7a9a4	given	2026-05-14 10:09:49.341299+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	745be8fd-034e-49aa-86dd-0817425a4a8b	85b4f47a3e5546f5be454627f07eff39	given	2026-05-14 10:09:49.367531+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ff1b73ad-55c5-43ce-88a2-24066b627ca7	fcda5190661b4f6f9a9f67cba871972f	given	2026-05-14 10:09:49.387014+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1a359a6b-4059-490e-a888-95c92711f8bc	ad0b98c6cfc24da59530d72480b8c0a2	given	2026-05-14 10:09:49.431789+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8359a876-8a50-40db-bddb-7d9967fb01a9	266903e875d946109991fb21d4cb0a55	given	2026-05-14 10:09:49.450946+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	166d8427-2ec1-4c66-98f1-4fc441951377	a539a245f1c74983a33fed9fb54d3d07	given	2026-05-14 10:09:49.47222+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	792f6c0e-00e4-4245-be99-f7f7c9c3c268	32712246e55c4936a2e11eb8a3771fbd	given	2026-05-14 10:09:49.495923+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b5247dc6-df18-4779-b949-e6b83f552bb4	5bd9b25f754748b4abf532f6e6717c03	given	2026-05-14 10:09:49.521006+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e16c917f-3496-4af0-8d8a-84341447791d	eb0e5677561f4f3ebcb7f6822a354e20	given	2026-05-14 10:09:49.543529+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8c8416a3-ae45-4686-a65a-58b027e38378	7614d71488504a8d80b0d17bea0dfe7f	given	2026-05-14 10:09:49.585341+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	66f3aa1b-9e1a-4557-b102-f369ebb63c1b	802f1aaccc344472b30b2ab0198e1e3e	given	2026-05-14 10:09:49.620938+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1bc6e43d-97a8-438a-8f96-fc13ee1b4bf2	c4fedd766d264f5196021be6fb0eaaa1	undo	2026-05-14 10:09:49.645192+00	66f3aa1b-9e1a-4557-b102-f369ebb63c1b
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c2dd896d-02f8-45fb-956e-11c5a4c63d1d	ccad0971c024416892482bf47a4943be	given	2026-05-14 10:09:49.691156+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0fc130f4-74a1-4546-9041-84f40399fbdd	39d2e2804fac49c0a6c5602c72723bff	given	2026-05-14 10:09:49.711926+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	685538b8-53f5-4d0f-a5c1-c146d2200b8e	62d2e982a80b4f44a3ee34c65261b77a	given	2026-05-14 10:09:49.737811+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2bafd3c1-432e-45f1-b78d-10ba8fabd1ef	00e13df6e85f45a0b459227997a751ad	given	2026-05-14 10:09:49.758409+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	56d6df3d-3b60-4a77-8725-26be13787967	665ae550917a41adbbf9f55c59457c6c	given	2026-05-14 10:09:49.780611+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef62f650-114b-457b-ade1-8ed3d7c050bd	a234bba36cfa43f5b6dd32d9357ad42b	given	2026-05-14 10:09:49.801044+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc26aa83-cfcb-4840-b3f5-789aca520f9f	f15b9316a7214a04b3c9ad439fc65880	given	2026-05-14 10:09:49.828931+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8ed5602f-600b-4638-8a40-d5225d6385ee	afbbca07c77c4aaead574c96d517d014	given	2026-05-14 10:09:49.850671+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c2e411fb-8885-413d-a8e2-b3477661b319	1a69fe2120a74578b0ae77c7b227c6a4	given	2026-05-14 10:09:49.87313+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46aacfdf-b5c6-402e-b654-dbe7427c4dcd	72c333554a8b4701a4ac83b1e1bd66de	given	2026-05-14 10:09:49.927654+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8ebac0be-1eb3-4e5b-b54b-e398136f0411	1003102641ac4bb1bc601255011c0da2	given	2026-05-14 10:09:49.948169+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ac07b176-5359-4622-8339-b3aae473d52d	0d27006d120848f1a0810d64c8bee7a4	given	2026-05-14 10:09:49.970178+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	49f510d2-898d-4aac-b831-96ffa7a226ed	3db45ca0a110496885e37520498717aa	given	2026-05-14 10:09:49.991674+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef4c6e94-58c4-42bb-b494-d88d75303a67	16d279c323d44f198a94fd6434c0406b	given	2026-05-14 10:09:50.011317+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	af042952-6a74-4c93-b0c8-15d4234cfe91	9f5bdd07b3874bb8801123b6bead3d96	given	2026-05-14 10:09:50.032885+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	921ae2da-8a38-4cae-acad-fc1b1a783637	2d0295f210834263a64b4fee7b862b92	given	2026-05-14 10:09:50.055567+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4ef3dfe-d377-47aa-8492-21b2612495b7	34959f011f2940488346e023cc934988	given	2026-05-14 10:09:50.07782+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b1d25c0e-1428-4a32-8371-215af230402f	c27ad10a92dd4562b16dc6b1377c29f8	given	2026-05-14 10:09:50.098992+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5422a239-00c6-4d1d-a8ab-ea2e0ebaef48	0a79cfc19dbf4adcbb207d3cd4b54e23	given	2026-05-14 10:09:50.146351+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c8264c8e-15be-44ab-9480-cc229dfa292e	f31b4e432c054612bb57ad12c9b1c6e8	given	2026-05-14 10:09:50.17311+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	be19a8d0-3f9e-418c-8505-70379efb4afd	27be29c7d3754b1f9b60094e19d368c4	undo	2026-05-14 10:09:50.193614+00	c8264c8e-15be-44ab-9480-cc229dfa292e
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4d3d73f-c747-433f-8ac1-58d04e60c9f0	ecb2ca17d37343b382cae4b01c6008a1	given	2026-05-14 10:09:50.211353+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3e9532d4-fc06-48e6-8bce-276bc09569ff	3aaea52c68aa464aab81216df3c2a91a	given	2026-05-14 10:09:50.232601+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ea33288-5873-4b00-b2be-b9089a6e464b	7f111a6e363648bb9c2fe762f16c2af2	given	2026-05-14 10:09:50.26714+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	786fda3a-1f09-46b3-85d9-38e71c7fc4f4	8a1a8123d7bf4447a8f6ec72f2820493	given	2026-05-14 10:09:50.290777+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8155b407-0143-4fb7-8b9f-14f353697e45	5cd0e1442c46415fbcc0b6924b2649b2	given	2026-05-14 10:09:50.317044+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b65019c9-80d1-49d4-bfb7-84a71fec9639	e6a9502c1e184091aa4fd177e7b22a9a	given	2026-05-14 10:09:50.340741+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fc549d2a-f659-4728-83f7-a0e0d5086401	368a983be7b64b0c949d6bc168ffef77	given	2026-05-14 10:09:50.385287+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	80c3f841-1da3-4c93-a1e8-2f263c323cdf	c82661671bec47dcaf89c71c1a1627af	given	2026-05-14 10:09:50.40795+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef630fe8-3c94-4331-a082-2421d7271e32	a6349aa07b384a3b971ea1f0641e30b9	given	2026-05-14 10:09:50.427509+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b03d0604-4d9c-4459-a59d-475a33885cfb	8edb6bbdd0f24b3db4f44b2e4f6ef93f	given	2026-05-14 10:09:50.447863+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1cd795b0-f365-4596-86ae-842d60f365b5	4219bdf73e2e4bd28984d7e402201b8f	given	2026-05-14 10:09:50.470771+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ddeb7fc0-d15a-49ed-bf20-9aded3c5673c	52a755901e4543be8805e142a393a4ea	given	2026-05-14 10:09:50.491723+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63f90ab9-0f3b-4fca-96e0-e5f7f085dfbe	a2de76f039904f01a363c60a8960175e	given	2026-05-14 10:09:50.512195+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	554accde-b36f-4929-ae69-5a4e2806e98f	c395d2581b8345ed90c95c1acfd139c3	given	2026-05-14 10:09:50.53767+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5abfb12b-c4be-4619-a5f1-c2a0eecbeeaa	07cd9f60d2894ed2bf19f122d6359dc6	given	2026-05-14 10:09:50.559159+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4abab45e-e83f-4132-9056-a73787267ab9	f6d8c3b76b0947859c5b3c133da9f57c	given	2026-05-14 10:09:50.612587+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8dfbc1d6-3b4b-4c8d-9f62-eeb87f9bba32	3a88c3f6b4814dadaa0689c23089068a	given	2026-05-14 10:09:50.639377+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	07c34bb5-17a7-4815-934d-38643ad903f5	8950db8379944785aea8c2e626eb31c0	given	2026-05-14 10:09:50.659866+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7a186e7e-74a6-405b-85f8-eb8455659542	da7fde2243024094aac3da912348ef3b	given	2026-05-14 10:09:50.684986+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	935cfd43-dcb0-4fc0-a141-b5ca31f754d5	ba9c4aa037e84ad0ad2cce8659f058ec	given	2026-05-14 10:09:50.707773+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4a0de52c-44fb-43f2-9550-a95d42b40422	a18612a638c44483ba9a76becf6a6286	given	2026-05-14 10:09:50.729103+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4632607a-dc65-427b-a116-811595201df0	9f88abd2d8624c4785aff93171540bf0	undo	2026-05-14 10:09:50.755914+00	4a0de52c-44fb-43f2-9550-a95d42b40422
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1723b20e-9b81-4caf-840c-14bccfbef196	52d4bb2dcfc8478b8a034c149cbe36f8	given	2026-05-14 10:09:50.773581+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eed2e2cd-a6d2-413b-a59a-b5de9e380a48	c4ec85ebb0674cb9a28e2cd801765e10	given	2026-05-14 10:09:50.79377+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9404abba-4495-47f0-a142-f2de260eac94	af1247085c2a4b71827bc452edc1621e	given	2026-05-14 10:09:50.841285+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45924d8d-b15d-417b-bf86-18df0b73497f	e352e3286b684b71a6287347e9970edc	given	2026-05-14 10:09:50.869056+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7935ca52-a303-4c2f-8903-eb307dd4047a	800047a178f84262b318f3af37d3ba7a	given	2026-05-14 10:09:50.894126+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3a61f095-2de2-46b2-8265-1164cf8f4ece	7f294f650ff4461da1ea84de46e93610	given	2026-05-14 10:09:50.921288+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	00bf33a5-6b21-4667-80a9-670f840d1838	a7fedc7069d541ccb4ad27f5c17d3ab7	given	2026-05-14 10:09:50.943292+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b1d8aba0-6a9c-4768-9047-2839f349c2cd	c831a368f7a04ccfa8f987d1bff8ee26	note	2026-05-14 10:09:50.96529+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	08f4987f-17f2-49e9-b931-26e0fab5f444	02aac83d4b2d4832b3c0666aab6b5c16	note	2026-05-14 10:09:50.977116+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5f2461f6-f1e2-43f5-95f6-c720bf7cae90	43faad9eb73c46d8889afbeac37842c0	note	2026-05-14 10:09:50.991451+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c53df667-7729-4a69-8c24-335b167347cb	4cfbe2bcdea14f7b86e0f050ce2450e5	note	2026-05-14 10:09:51.000918+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b64034ec-f332-49d7-ab63-614ddc0cdb9c	556d328839f144f0b3e5b8bc6d925493	given	2026-05-14 10:09:51.041834+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9b836ab4-4f09-437f-9902-a02d1e2176fd	6eee3a74ebff466aa253606f9318be11	given	2026-05-14 10:09:51.063211+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4b7c9e05-ed7b-4262-96de-abecedf44e18	ae38b7f79e214821b2dcd3ea3d002590	given	2026-05-14 10:09:51.087622+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9c55eaa7-02a5-4777-9a83-264c4e4c9558	faf17dbe3f1941638e1f8b74d4d7bea7	given	2026-05-14 10:09:51.108167+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5b42bc39-e7bf-4f12-8e9a-51adfc9e7f1a	2bdf8507ade54c5583ff000360172449	given	2026-05-14 10:09:51.129586+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	87e6763a-0155-414e-a4e8-db631af95f78	2e17d87f4dde4f2cb98197bca194ba96	given	2026-05-14 10:09:51.157181+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92bbae5c-6e0b-4240-afad-21ca05b30af2	0c9fbdf5331849f1899d8fbc4b665960	given	2026-05-14 10:09:51.180236+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5926fcf0-01f6-49f4-81cb-2906850ae430	b798bd7c3a1f4149977daf97e1514450	undo	2026-05-14 10:09:51.200537+00	92bbae5c-6e0b-4240-afad-21ca05b30af2
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5ca949ec-9b08-472e-8348-64ef4ef16286	4ff03a48a77443efa8b8582714622086	given	2026-05-14 10:09:51.220993+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0f507cb6-14c9-4dfc-9716-aba051f116ca	10de09e4d8194b0eba3bfc081edfa9ad	given	2026-05-14 10:09:51.274586+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	71d576de-2395-4fef-a7ac-e41b6b277ec7	a0abbbf64b204e6388db8dcacf30f748	given	2026-05-14 10:09:51.294827+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e92b544c-b2f3-4aee-a68c-c2e787ad5f65	f8080f5fb5e1418989440809423d902d	given	2026-05-14 10:09:51.318328+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e8221e00-0551-4c0b-ab29-88c8dd9fa6f7	3773f55e6c3c4506b402d7bb5292ae94	given	2026-05-14 10:09:51.339673+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6b709a96-1fab-4bba-8999-5265f071f9b9	a7217e5353934458a3681baaeef3fa8c	given	2026-05-14 10:09:51.362363+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d12dda65-8297-4ee6-befa-da439300238e	c1cac7057eb348e6831317d9cba087e0	given	2026-05-14 10:09:51.381358+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c798970a-1f59-42d3-b928-d1e412cf208c	406dc3b503d54f149a932cfea3b6fd58	given	2026-05-14 10:09:51.399582+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a466a35a-a9e0-402e-ae23-5fc3bf5ea0e5	feced33c379d4113bcb9ded72a22a9d2	given	2026-05-14 10:09:51.41717+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	74ab4710-82a5-4260-ba97-844211f24587	c174914c0bb14bd4a00f084bba2a4256	given	2026-05-14 10:09:51.445047+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bc335e51-1a59-41bc-8af8-d02382615cef	7fd1a30fd7414662847b4b6c514e79c7	given	2026-05-14 10:09:51.492109+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	876b97d4-3db2-43cc-b2e3-036e5b428fc8	1af0d3652df4469db2750fa6562ab799	given	2026-05-14 10:09:51.516237+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	49ae2f37-2bf4-444c-8187-c307135eb234	c240ba77b40a4bc3b11189a09bec2fa3	given	2026-05-14 10:09:51.540896+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d570e7d9-cd47-4ab2-85e6-5adc77ba56ca	4207023e2a434260aa4cef3916952f26	given	2026-05-14 10:09:51.566117+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f05d3ad2-d4cd-4d9c-ab37-185d41fe5f24	8f6841257d74463f98d6d7ca8162a88e	given	2026-05-14 10:09:51.589246+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f68ce8b8-60c4-41e9-95ae-4672b77dc6bf	6cc36b4d4f5743c0b10fe399849c1ea4	given	2026-05-14 10:09:51.649172+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f7c977dd-f8a5-4f20-bdb7-f2a64cfd0bba	0d4aa026a2234b709e48d2e0ac22ebb2	given	2026-05-14 10:09:51.678115+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	79ebb9c6-acde-41a2-b9c5-c0121cc48dd8	68fa119cdef943dfb720a792392cd902	given	2026-05-14 10:09:51.701799+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3b849f99-57c2-4629-b4c3-a1760edf80dd	1dcc1710f3694985b4cf80d31bd9bd9c	given	2026-05-14 10:09:51.723624+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a7719cb-613b-4b4d-95d3-ada24c7d46f1	ecf1408776a647a098ada6664902279f	given	2026-05-14 10:09:51.772057+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8c7ac877-3256-457c-a2f5-1815a78b577f	619fb341c6204e62b3a223b6397dbc4d	undo	2026-05-14 10:09:51.793567+00	6a7719cb-613b-4b4d-95d3-ada24c7d46f1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43098e2c-2521-4be4-a1b2-c6cb1c2d0f75	a8a31ee9a04c4918bbb43e3b5754d8bc	given	2026-05-14 10:09:51.81177+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	edaac318-5010-4bf6-8062-45939d70d51d	ea1181cb1471415ea03a5ae0f1cac345	given	2026-05-14 10:09:51.838519+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c40dd2-a604-4495-b19f-f55ecbc63275	01edcc0263264d3b8063ce11e105487c	given	2026-05-14 10:09:51.865697+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d6aeb27f-9927-4cd6-ae28-685c76436f6f	99708d2919e74de688737a2fb770abb2	given	2026-05-14 10:09:51.888417+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9a640332-b622-4ec0-a46e-5c0f1e7d739e	c0b204634196408992284539ed622027	given	2026-05-14 10:09:51.910832+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8ba23001-2572-4d9e-95b4-5779bf15167a	6b23fa62e7524ded8a5e9f0baadc8be9	given	2026-05-14 10:09:51.930336+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	303c1e3b-b5c5-47f4-a98a-96d788b78086	361fd9368dcf449a849c90775f34f8e8	given	2026-05-14 10:09:51.946095+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4ef1f032-3eec-424e-812b-8965570a40db	c353b646c6024c6393f324a902007367	given	2026-05-14 10:09:51.993076+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0c52a330-b832-41cd-887a-611399922826	2f4b803829ed4b129f582e6da7e15458	given	2026-05-14 10:09:52.009296+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	50326212-143f-4e87-a01b-13330b4ef761	d07224268c724dfba870a50281b8ca31	given	2026-05-14 10:09:52.031199+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7445b6de-fe25-4e88-9ba7-4c318b5d11ba	04d1fad527924d6ba72696eb857a800c	given	2026-05-14 10:09:52.04745+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	365027f0-fb49-4055-b655-c7f2d95a39f8	35b35c7349a4443ba62194d164871ab3	given	2026-05-14 10:09:52.067777+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	676e7f3b-9890-46aa-9cb5-c170a34dc938	71a6c4dcdb6d4974bcb20233e71c69d1	given	2026-05-14 10:09:52.085564+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1a5338f5-a8f3-497c-93fa-1bd5e1282520	e4e63d6289b84e05b823d49290aa9ee1	given	2026-05-14 10:09:52.103558+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d80a4ae4-5f34-435b-9414-0ea54079353a	056baec2a74d41fb8a73ff31b0e72ad5	given	2026-05-14 10:09:52.120747+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fe87c181-3f4c-4bd1-9268-454a1d554085	ea7013f7ceb24356b86c22c0df879e87	given	2026-05-14 10:09:52.138415+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e8eddd84-5be3-4fdd-bfa0-219b77c856a4	6158a5877fdb4b069e3459e143c43c8e	given	2026-05-14 10:09:52.179146+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	598423c7-b69d-4ba2-896b-778a68b1bf01	301d53ffa866415a8d9a22e368c00932	given	2026-05-14 10:09:52.204554+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	821737f5-5489-485d-b99b-68af4acd77ec	ebfb89d070b643af838fe23cab0949b5	given	2026-05-14 10:09:52.22786+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ce766c1e-8833-401f-8426-62c5616dc6d7	f8a3d035d92a47f68a909a93109b1ccf	given	2026-05-14 10:09:52.255452+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b8e05028-e6ba-49d7-afb4-d9baf3073d70	df8f7c6d928042afa3ec139d27d5015f	given	2026-05-14 10:09:52.279833+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ec675fb-ecc4-4919-bad1-a3fe4163d81a	ea84f66ae1ab409da70fc6973cafa856	undo	2026-05-14 10:09:52.303436+00	b8e05028-e6ba-49d7-afb4-d9baf3073d70
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	198b7f14-46c5-41b9-8a94-780ba15dbc92	5c704b0b8cad4e04a92b0369e142f040	given	2026-05-14 10:09:52.321875+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7b64cbea-7007-4edb-8f02-b9bab90b80ad	23579d61cdb94f1dad50d0800ad4f618	given	2026-05-14 10:09:52.34298+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	78b66fc4-8a09-4949-85b5-a2169bd55914	477fe7ac6b4f4d97b3d50487456146fc	given	2026-05-14 10:09:52.369027+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	21939a22-155c-4d20-aff9-25f23e58b0d4	f1ef3a44781b49d5a0b214f91c20c6ac	given	2026-05-14 10:09:52.408766+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cf68827a-8d80-42de-b47a-4e26c1ce5b04	eb7cae02acb343f3bfa000d98cbf4fb5	given	2026-05-14 10:09:52.426492+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b052754c-a092-4364-9cd8-c6af5d5cf7d7	a12d5353bde44abcb25bd417c87d89ff	given	2026-05-14 10:09:52.448638+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c93bac68-f1c1-42a1-9d9b-59198fe5def4	39894ddf25b74998bdd0e5e140a61eca	given	2026-05-14 10:09:52.465845+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a4810b79-45d9-4be5-9b5a-d5a4819fb756	9db1757fb7b54a87aaa03841088f71e4	given	2026-05-14 10:09:52.482858+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	64eeedcf-1139-4a9a-822e-472d79b4aee9	e7b25c8b16f94ea58f09084c7e21dea2	given	2026-05-14 10:09:52.499663+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25f12448-59cd-4b30-8e61-104c3a814c99	00f6a9d6122e451c91c3e76f1a088f11	given	2026-05-14 10:09:52.51585+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	38b709c2-4ce8-4d2f-b110-57f132b06ce7	c0a672302b6a4e1caaaf41989bfc2186	given	2026-05-14 10:09:52.533648+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	12d81c57-db40-4118-9d89-6cc81e1da8d5	36b6badf4f0941b1bd17768dac00b2e5	given	2026-05-14 10:09:52.55312+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95380fd4-8e3b-4787-a516-03070209ec7a	7d30c13b962042a19d32c7bc3679f33b	given	2026-05-14 10:09:52.590913+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4090245d-dcec-4a72-ba17-ff2818a8a68f	03bcb5b938a64e2880db02c0544dd9a9	given	2026-05-14 10:09:52.611651+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4310182-6502-47a4-b61a-baa146ee1d9d	64bdc5621a4d43909505e0ebd4cbce70	given	2026-05-14 10:09:52.629465+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54c3404f-56b7-4c3c-a69c-c7da6b5f841a	42b95c9947e446209c78670ed68a7d23	given	2026-05-14 10:09:52.649049+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5fca56e5-29de-4db8-b329-cbe83d182749	007ce82fa48f40eda31e9d90bb89ae9d	given	2026-05-14 10:09:52.67932+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	868f5c56-fa3a-4e52-9d1d-9221381a3192	672bc7a0565a47b6a6540710cb5afa63	given	2026-05-14 10:09:52.700426+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90be6e6c-da93-4647-accb-6867bc920ae5	23b661c6ac4d410eb47fd368b61f5f7a	given	2026-05-14 10:09:52.7226+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	93a1d853-58db-4622-a75b-c63250a80c48	c4e30b54b1c64af79bedea951eed65df	given	2026-05-14 10:09:52.740585+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96595dbf-2232-417f-a64e-9101a9e17d44	8d6b35b2366d47bd9dd242cc7ae091c7	given	2026-05-14 10:09:52.758812+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	133376ba-208f-440a-a4f2-be6e07278f10	7131b189180940f79c7a5ad5e6ae545f	given	2026-05-14 10:09:52.798463+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cbf39e36-76df-4427-b60c-d514c88d4d98	498197d6c4044100951aa8212866a08c	given	2026-05-14 10:09:52.818518+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1f89d023-4128-475b-8e41-4093bd70e6d6	2fb26dacd42648eba185e6adfd719129	given	2026-05-14 10:09:52.838724+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	844ddd59-dc00-4c11-b5e5-5cca7fe3ba34	6042299bc6ca443b887118077238727e	given	2026-05-14 10:09:52.860999+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d77e5c70-138c-4fa7-8d2f-ce12446018b5	042f41c08d4448f09a68aab0f5ecf171	given	2026-05-14 10:09:52.883723+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	02ed4c4c-c979-4c09-a6d4-846fbfdca1c3	ff57d692955442f6a75b80e2c79f7e41	given	2026-05-14 10:09:52.915485+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a114662-8bc2-4842-b2e5-a557e545e051	ca1901b41f47480fa2efc0a48190eb15	given	2026-05-14 10:09:52.951011+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2d021f2b-8c43-49db-9b8b-4ff3c90e6fdd	c026fcd9581547438729279df80f3b83	given	2026-05-14 10:09:52.979433+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15ed3745-4f9d-49fc-9c61-38da7c21461c	0033ce9f861c4899befb16c6e242ee21	given	2026-05-14 10:09:53.011638+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15c3193a-22b0-415d-9032-e1791b06ab3c	aeb63ba0353842b4aba1726422fae949	given	2026-05-14 10:09:53.06882+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dd673e74-c30f-4320-93d9-7785c547cf24	5e7a1f9fd2114e399d0c4aae93744fed	given	2026-05-14 10:09:53.091021+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c2a2aa0-94ed-4a07-9be1-46a22660f5d4	1b348bd918ad4dc6ae4765a6997e7d00	given	2026-05-14 10:09:53.111265+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a6e453c5-bc7a-4d7d-b580-e257e13c0b49	8d0a4e36ce3d43e1b4a478d0de41fad5	given	2026-05-14 10:09:53.14468+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	faa12589-d06e-461f-939f-ea6353e63d59	94810f2c4c314eda8b81a81f19a8ccda	given	2026-05-14 10:09:53.181062+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c786e95c-8b7f-449f-bbd2-b74511508d2e	3ca9c4d187004ebdb755a96fe64a940a	given	2026-05-14 10:09:53.206068+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4226f9aa-13a8-405d-ac02-fb6e0c03fa1a	da1f3de8ec194174940d87e587a3196e	given	2026-05-14 10:09:53.228027+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cf33b172-b69f-42ba-b1ae-c85aaceb1886	82bb025a48294d89bf4d42ca7d91bbc8	given	2026-05-14 10:09:53.248711+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	66ea5293-4241-48d5-bcf7-6dc3337082be	1e63f1d80cc548e2a61b71a20e454de1	given	2026-05-14 10:09:53.269552+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	52d7f869-8c33-4d93-a135-9c3711d6a87a	059e2e1608624498b1ca8249500229aa	note	2026-05-14 10:09:53.310364+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	370199e3-03fe-4a7e-8512-9e924d807797	6ee48d4aa15642f2843d1e0d020dcfda	note	2026-05-14 10:09:53.318651+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	99078551-c748-4edc-94e2-06ed301914c3	5f16dfc92deb441e9f581b41cf670592	note	2026-05-14 10:09:53.327337+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	88e3bc94-186e-4c78-b3ce-e5b59148d8e5	34d5d0e4738b4064b9fa80599492eec0	given	2026-05-14 10:09:53.33932+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	88a8d5d6-ba4f-43af-8cf9-11d5ff5d786b	bb9fa7031ea94a3f9d324b3c520dc0ef	given	2026-05-14 10:09:53.367981+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8995e3a9-59e8-40e0-9171-bd0a7b96563b	61715c5a5f3549d5a68f2ba559bad2a3	given	2026-05-14 10:09:53.393763+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e2099970-b920-44d9-9dba-be56ff8689d1	94c3f6e52c9c42d39d68db4a016fed00	given	2026-05-14 10:09:53.417385+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1315f1b-591e-4fd9-a0ac-515658fe3e6f	d5467ea0e440464c9484a383bb567094	given	2026-05-14 10:09:53.437637+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e0392f31-298b-43f7-b744-ce53637f38a8	1128283f7cba491b85f043f7759ee4b8	given	2026-05-14 10:09:53.457549+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	31484429-0206-4e37-a705-9a3f760dd86a	3352c50fb3624915bd0a7f6a320bb69c	given	2026-05-14 10:09:53.499622+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	91cbf12b-5026-467a-b410-c6eae21f3ee6	d10d189857544273a9f308be080c61be	undo	2026-05-14 10:09:53.52047+00	31484429-0206-4e37-a705-9a3f760dd86a
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95d52a13-00a0-4629-b08f-7f0160db357c	06c638569eaa47ea8e89a46e0f9825ba	given	2026-05-14 10:09:53.537418+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60d5eb54-9107-4478-8e3e-43fd9e76c297	93c31b7bf93641ac81de6d81d94e1ee4	given	2026-05-14 10:09:53.560898+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1f4ac0ff-e6b1-42c1-9a33-df99fedfeb05	1e0efb3f39c44e56abb3b11b237d8a85	given	2026-05-14 10:09:53.581745+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4c11ffa9-2005-4ac2-aaaf-54fd151b35ac	d6dd8411d2d34c2d8d78f4a0cbfb328f	given	2026-05-14 10:09:53.60176+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	89cd7a4b-3ee3-4405-aaee-1573cc91f294	9bc264578e1b42418ddbb1dd9f06cdb8	given	2026-05-14 10:09:53.623521+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8aa60986-c164-450a-ac3d-7117c393c9d5	ca24a268e2d543f692df2c0b36ad91b7	given	2026-05-14 10:09:53.644025+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32913ebe-17d7-4f8d-ad0a-2ca6dd5bb86f	0c243848a1d24590a114cb0970755367	given	2026-05-14 10:09:53.664507+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f460efd5-3bd7-4b63-8675-5df1a713f16b	6ebce7e72102473d98b8b91d1270b11c	given	2026-05-14 10:09:53.708044+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1d1bf870-a10b-4ecd-a2b3-76f77cd5ee24	d0aa629548274843b6e0d2594f4fb5ad	given	2026-05-14 10:09:53.727678+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	58c96730-a687-4005-ad5d-188a81c5cf77	41b85994dfe148b5b3e27c9bfb75d269	given	2026-05-14 10:09:53.756722+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ba139197-4328-4077-900d-b49bc744b795	2a658e8ac8ec46ef83b2449e597d4c03	given	2026-05-14 10:09:53.77796+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c6319734-daf1-4c97-97b4-504ff6de65e2	d64949a366d44a669d88cd2418f90511	given	2026-05-14 10:09:53.800501+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6662986e-88b0-4160-be70-1da4acca0b40	b57c900a5d7c4335bdf04cc4d41ce89f	given	2026-05-14 10:09:53.822859+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11f4032f-76d6-4680-b810-1236c1f8ffd8	60558e592556496395c2bd19c16aa652	given	2026-05-14 10:09:53.841913+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6126f116-4c44-4f0b-aad2-de349c9848ca	42f21eef18a645f5b67eff1be10264f5	given	2026-05-14 10:09:53.863351+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0804ceb9-b3a2-43e9-b2c5-1f343ca8b310	c98f905d2e8046b094b1433dd1d67c08	given	2026-05-14 10:09:53.89096+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	723f1c78-1ea4-40cd-a57a-19eb6c7e33ec	8ebb1b9da0af4ece848169a813376948	given	2026-05-14 10:09:53.930794+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1fabc7fd-98de-4814-9b50-09820d66dd1e	82ff6ecfb5bc455381f4a88f34d4af28	given	2026-05-14 10:09:53.950924+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	471ab5ca-230f-42c0-915c-e1093e33c111	78487a9d0f3e4d5ea58da487cf0c4912	given	2026-05-14 10:09:53.970001+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4f2957d8-dfa4-491e-8997-d0c2e61137e4	ffaef4fc0d5045fea9f4f661cac32ef2	given	2026-05-14 10:09:53.989046+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2954e56b-eeec-484d-9f6d-25ba06e2c6aa	df0b7b32749f43d384f99734b55ea770	given	2026-05-14 10:09:54.038629+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	bda7e058-e5e9-4548-998c-a83014e91297	bf6667808e184794848885095769a3ba	undo	2026-05-14 10:09:54.056248+00	2954e56b-eeec-484d-9f6d-25ba06e2c6aa
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5a8559fd-663f-4cb5-9569-a30897ea8250	93a7fb83518f4ab187d12efb13d6ef1c	given	2026-05-14 10:09:54.07139+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	41a7ab47-18e5-4281-8f4c-f921283f35c7	03ee36db6b624ec58fa41b3f771b6e8a	given	2026-05-14 10:09:54.091169+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	31684a04-ea33-4362-8829-a6f144d02930	aa4772cb8cf04b42b27c17961955206e	given	2026-05-14 10:09:54.109875+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9e9b0c9-c767-41ae-b2a3-eadd38f15b04	893b92cc55af4a28b56ba54a24c53f40	given	2026-05-14 10:09:54.148662+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fb242e47-ffbc-4a75-bc0e-8f7ec69696f6	e2a5d517f6a04841b6f331377950c1b6	given	2026-05-14 10:09:54.185222+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ce886531-b758-488c-907a-14f0dad0a289	2e06b345845f4ac5ac8c5c7b7b4ce6d8	given	2026-05-14 10:09:54.2065+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	56a39802-a201-4b7b-be6c-6f240f96deea	2ec502f9cb7442ec93c7ce9dec9e972b	given	2026-05-14 10:09:54.226189+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2276f4f1-e928-4da6-a0e5-9afc59fd80c6	eb19cecd87944230a35402a2f66fa993	given	2026-05-14 10:09:54.252258+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0a52dad7-546f-49c6-9c09-08a1e586f571	a06f22c0e675402b92738342eb898906	given	2026-05-14 10:09:54.273124+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ee8e54de-e4aa-4f1c-aa5c-955db39cabb2	6d0c0a2c94124f76bb90aed8beb68dfa	given	2026-05-14 10:09:54.293176+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4ba9c8f-81c3-4e0a-96a5-68d101dbc6ad	24b32b5292984731a21fa0261dbd5854	given	2026-05-14 10:09:54.31933+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8aabbcf5-8573-4150-b765-dc6f908e4981	ae974afb1fc04116bc165f826698b196	given	2026-05-14 10:09:54.340534+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6287b1b8-1721-4db7-89d9-49e7b84eae8c	93fe9b494dff4c168fb50ef5b0d3f945	given	2026-05-14 10:09:54.386768+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9efd9795-5f78-4aaf-94f8-bdf159363cc5	d3d3a1e2c47345dc8b35c8c657f409d0	given	2026-05-14 10:09:54.405788+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54d40725-604a-438c-9df8-fb7d80b311a5	8f7167d5ff6146839efe2f4b62f4900b	given	2026-05-14 10:09:54.426655+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a81f5f45-775a-4c66-aa1a-7563a70739c9	fd2df386e1dd423cac1fd9b24920edcb	given	2026-05-14 10:09:54.445601+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2a0437c7-2dbe-4bac-a518-ebff9b2069bd	9e838217ffbe489888e4e692a48ab5a7	given	2026-05-14 10:09:54.46433+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6e3da563-badd-47d5-9de5-3f90fe9e72f1	549f9a1fde064150811df604b5f85e1f	given	2026-05-14 10:09:54.490714+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d4826faf-d86f-4346-9b92-52d33da50ca0	f4a9293a9bcf4b6fb81c033d92446239	given	2026-05-14 10:09:54.50965+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	080f5ed2-4fe2-4ba9-9f2d-e98404ad8acd	51c8c64aa1d949c5832a3f1530b9950b	given	2026-05-14 10:09:54.526566+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	59cdea2c-7cd7-4c3f-9ebf-e72dabd70e4d	92ace02f439c4a6b8b54103d1f4e1abd	given	2026-05-14 10:09:54.544223+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5672536d-3c55-4e54-85e8-d94a8b4a72f7	7e172144267d40d3b17bbd592ad1cffd	given	2026-05-14 10:09:54.583302+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b6502f0b-77e0-4cf7-a30c-801bd3655682	7be9221c48cd49f0a3bb28ed71b0f4f1	given	2026-05-14 10:09:54.601523+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c32e118e-0403-4641-8fd8-339bfab470f6	5024a20ce76d40eebb2bbc55e4d902f2	given	2026-05-14 10:09:54.618675+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c54ea5b7-31e5-45cb-9af9-d13bca9d954b	dd4fc9a731cd49e3952783b76d7ce358	given	2026-05-14 10:09:54.638177+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dc4d1fc4-454b-4910-a5b7-34025f9b141a	ff2b855f81e84835851635e4c7a1b3ad	given	2026-05-14 10:09:54.660147+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8f1e4edd-262d-4083-a746-df164b622533	44a6231149e047189c007e6cd701eb25	given	2026-05-14 10:09:54.679139+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d048604d-c2f5-4e4b-a602-2c79958c3b07	2582f8db032b4eeda98fa458721615a4	given	2026-05-14 10:09:54.697532+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9a608433-0540-4171-a4a9-2569491e8cb0	29ca943dcd05430d89f83f906bec994d	given	2026-05-14 10:09:54.716557+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c21a559e-1a8d-4b1b-9e85-0e6143baf4e7	e99ee95ef29540039223ef0ede33352d	given	2026-05-14 10:09:54.738243+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	df42f0c1-58ab-4c59-89dc-ef5b392a8bbe	392be19a968e4659ba33dbd892f5478d	given	2026-05-14 10:09:54.78255+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6ea7bb70-ee82-401d-895e-67e732a57340	34af7754356b4bcfaf3ef2e0445e6d1e	given	2026-05-14 10:09:54.805493+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11650bc2-d6f6-407e-8cd9-b272fd2e993e	db90ae3d0d314694a1d4c43f4b0e0918	given	2026-05-14 10:09:54.83943+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	df543371-fb3f-4c2a-bc6c-f92180064fc3	c1ea7544389149aea422b185f690622b	given	2026-05-14 10:09:54.861375+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a78ad915-15fc-4bc2-ae4a-616c6859c147	5cb5fee922904c7bb56b8bd87bbdc229	given	2026-05-14 10:09:54.884473+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a214e0f4-979a-48bd-8467-c9e303e79497	30a06a32ede4436a9fe17252a6245965	given	2026-05-14 10:09:54.917088+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	37417ca9-47e0-4d7f-b133-823f4cb47156	5f7ceaaa611a41ca949c5702b5989391	given	2026-05-14 10:09:54.942555+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	205a834d-33c5-4085-ac6d-89005be8e918	09432c18f68942058e5ef2341887cd02	given	2026-05-14 10:09:54.969562+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3c13f965-1914-4e48-af58-fcecb34bf904	483ac2401de54a87929fba6c5417bdec	given	2026-05-14 10:09:54.993864+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6cefd0fd-1259-4967-acae-8868b2458855	d0003b95584e46c7bd0a72ae6becea3b	given	2026-05-14 10:09:55.03537+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6488fc9a-09e6-42ec-a0e8-f21e0600224b	1f68493faada4a83aaef7254a350cb13	given	2026-05-14 10:09:55.055016+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	faff12a4-4f9b-4a32-b146-6cf276a4dd14	9881ba4862f9488cadbd5f7e5fbc6dc9	given	2026-05-14 10:09:55.076472+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5d88fca4-0e04-4818-a993-32212d6672bc	474e1a593f6046329951507b23d54f37	undo	2026-05-14 10:09:55.102357+00	faff12a4-4f9b-4a32-b146-6cf276a4dd14
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5cd8b22c-7f5b-4b0c-92b4-7532b1a5b753	0460ef482cec48c5857169675b1c1ffb	given	2026-05-14 10:09:55.120884+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63e5a5ee-7acc-4756-9502-6a90008f7bf8	b5aa320a6e574eb6aa8ff26d5c91f908	given	2026-05-14 10:09:55.14491+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ab37c23b-ebb3-4bd8-8a86-569bd80292e1	0f8638a2482b4d70b0210829b7c0f989	given	2026-05-14 10:09:55.168589+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	02924974-9a45-463a-bc02-0b7919d6dbf6	78290d9d5cdc4ed2acae31c0d5933c88	given	2026-05-14 10:09:55.188676+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8d10a22e-972f-410a-b9a5-2bddc761508c	28bd6019a4384de4844adced82ce68a3	given	2026-05-14 10:09:55.211211+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cf74032f-f555-4f02-be61-604daca4d602	dd426d081c5e45e1845cf9495c6f3412	given	2026-05-14 10:09:55.261835+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f86490d6-adbb-486b-af01-726e39169c66	700bb97b44ea4a2d92f6c685c4201f9f	given	2026-05-14 10:09:55.288958+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3887ba94-c75a-4a6f-8c3d-df41f2b9c540	0ebf89bd5ff04e7e927c1bbbd3f8ec57	given	2026-05-14 10:09:55.312948+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ea56cc11-cca1-4e13-97f4-fc6f06da2d0c	c72f25f215bc41559040ec9eaf5f21bb	given	2026-05-14 10:09:55.339052+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	248daf36-7458-4519-b4e1-1fc13b2a80b5	a49145dd8bdb477599eacc3af1593619	given	2026-05-14 10:09:55.361746+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5b515eac-414f-4f70-9a58-121782d79149	becc87314c4f486a995281d4038b67dd	given	2026-05-14 10:09:55.383182+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6a18fece-1e02-42bf-bf6c-0804e1de33df	e31cba9ae1cb4d5a8e4e509c53e3babd	given	2026-05-14 10:09:55.40231+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	439146a3-a34e-4d99-b6b3-0392614c9db9	dfd8bc9268fa482ca2a4d0ec2677823e	given	2026-05-14 10:09:55.421591+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9434dbe-caa2-470c-9c5d-8b8c01ec26fb	159a172ca14e45c2a6ca8489a75df863	given	2026-05-14 10:09:55.440107+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	520ab82a-7c04-4f9b-a3db-6be29242bbc5	6490e7c3424d4a6db4d6b5477ed16663	given	2026-05-14 10:09:55.485448+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1702b607-4176-4b05-9f81-42886d6718e6	ae949f3fd35a49f099fcb50dcc903e5e	given	2026-05-14 10:09:55.503849+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cb02d15e-85cc-4c5e-bbf8-3a8a687c44cd	32db7531e8bd40518302d65f4a2fcda5	given	2026-05-14 10:09:55.522761+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62f3a44c-fe5e-4845-b61d-910cee3a17b5	f344d1ffbdff4011be44f35a0bc55a7f	given	2026-05-14 10:09:55.545275+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a9b7d5e1-e1b7-467f-a6d1-cf3eebf33009	c0140cee3f9b4cc9abea0f30a1699357	given	2026-05-14 10:09:55.566167+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e810eff7-e553-499d-ba01-5a6a4ad7e05b	1a51965f76d44e648f0c074db168c403	given	2026-05-14 10:09:55.5913+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b88b26d8-f2f4-4adc-b954-2b8195d8da45	9ef8868202574eb6b4e2adea13f7b505	given	2026-05-14 10:09:55.61707+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c5861b63-a352-4d15-a9aa-b1f70d99f89b	5ba02d1a83de4409873d1e4514490a91	undo	2026-05-14 10:09:55.641019+00	b88b26d8-f2f4-4adc-b954-2b8195d8da45
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d3aede46-59cb-4dbf-9ca3-b35613a2eb5f	eeb65331b99f469e90cbd99cb4a324f0	note	2026-05-14 10:09:55.662567+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1230c45f-461c-47a4-b0ee-58e65f6a8637	5e151cae2bb7445ca14be67728884547	note	2026-05-14 10:09:55.682199+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c4da27db-380b-4c42-a2a5-22813e015d2a	4afdfa2dad2f4ef69db3823612c2e2b2	note	2026-05-14 10:09:55.69112+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f872f090-1654-4934-84b8-156a82993943	ecaff8a9bec04e839c05a1e336da0d80	given	2026-05-14 10:09:55.704393+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	83cb3d7f-50fc-4e48-9260-c683239c3255	6a5de2a73e76499aa9548fd57027cad5	given	2026-05-14 10:09:55.728944+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	deb84ad7-56b7-48ed-bce5-4463b5614ab2	aa3edef7ecf742afa5d4a2672fe71bde	given	2026-05-14 10:09:55.748706+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ec9cd355-82e9-440f-91f2-b9859487a8db	88aacbc636a9481494d04b05fce067e1	given	2026-05-14 10:09:55.772+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7ceb1f14-6212-4624-8990-47d0f4b84c1c	771708084380480b9ae03016de01c5c1	given	2026-05-14 10:09:55.791377+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	49e2550c-2332-4267-ba82-42f5cc25acdc	90fdb378fd504ed8bd81aa28f2d71c15	given	2026-05-14 10:09:55.812783+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	05542262-36e8-4657-a941-5aa9586f91b2	d360949fe8d14f569e271d1e7bcc4873	given	2026-05-14 10:09:55.841835+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f6e133af-5085-4236-9e20-b29b0c121928	bdea6ea58081479fa967926be18f0a38	undo	2026-05-14 10:09:55.880987+00	2925a118-c693-420a-94be-1bffd6550d68
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7b9a22f7-cf6e-4d10-b5a0-6d7ed0b88ca5	92f4fa41fcf1454bb96f1d7fb571c3a2	given	2026-05-14 10:09:55.904935+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0644ce6b-5cf4-4b80-adcb-7de766325e9e	e52cd9af009b4d75b14d445f23897ea0	given	2026-05-14 10:09:55.940868+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	403a7030-0a11-4d22-a68c-60bd4e9a92af	1e8f74185beb41148dd953f7473911f6	given	2026-05-14 10:09:55.965653+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	99e8a91b-4a31-4f7a-9db5-09c5ba40fb36	c96b46bf1466407c8e0b42d1cfbc6caa	given	2026-05-14 10:09:55.989784+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47ea3c33-05ef-435f-8d42-d307bb118ea9	bba0c536a80549dfab571b873fa9b0cd	given	2026-05-14 10:09:56.011142+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6c6581f4-0112-4452-b3ed-d89f12c97944	c1f41c3a27494170821bb23ba4c098d9	given	2026-05-14 10:09:56.030431+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9ab72d5-7280-43ee-b7c1-61f667817823	934f35e96aee42ef87becf7179a43a08	given	2026-05-14 10:09:56.050863+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c9ff1f6-6fe7-4041-9c32-72102180bb5f	69367100ee084e1481448ce5d34f287c	given	2026-05-14 10:09:56.07507+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4b9d5267-8574-417d-832d-6456c0dc9f50	3b3b65b2e3884833a14a5370ddb8adca	given	2026-05-14 10:09:56.113561+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	48e19433-a872-4af0-be9c-94416acc421a	20bb503eb5674c1886a39197845869d8	given	2026-05-14 10:09:56.130074+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	18902002-de27-4cf5-9578-852f4e55d05a	41bb2b06b0454b5db42c8ae40051f29e	given	2026-05-14 10:09:56.146366+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d1cffcb2-6261-4e9f-86eb-29721c528916	c26d8fa9e61a4e709fcbbfe07a791943	given	2026-05-14 10:09:56.164601+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ef6232f3-41e2-49fc-ae00-ea5e516a7a50	74a15f293e91428e9babc1a8afa43fd1	given	2026-05-14 10:09:56.185604+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c6ee6800-0752-4595-8b06-b1cb41257322	4277c80d3acf474eb7f373050ba8eeac	given	2026-05-14 10:09:56.201795+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3cf4525d-5ac7-4f2b-8480-b983a0a78bd4	b0a708d092ae4315ab7b0d20cb7e3477	given	2026-05-14 10:09:56.232948+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	caf9906d-45ba-46c8-8137-55e6a3c82483	11e824b533f34f17a08b6521adfe6b0a	given	2026-05-14 10:09:56.24965+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e2cedbd-74b1-427c-af43-f686dd6a2b67	b16146d28b1f4d03bba04ec6c156ce4f	given	2026-05-14 10:09:56.265764+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5cacfa1e-20d4-4a7b-8b40-31dbd02ed3e9	a371a25b15254a6583a270feb92f5259	given	2026-05-14 10:09:56.304854+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2ec0b5ad-c0be-4a40-99f8-fff55ce7c1c2	9e0f14a1b218415f9ae0d1cf174a732c	given	2026-05-14 10:09:56.325698+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3704f5b-cb6e-4656-88cc-45fbe47b7275	6ad0cbf8307040e9ba4c88972a09b1ee	given	2026-05-14 10:09:56.343618+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	dff76536-d6ef-4809-b20b-5e246fe5ab97	9c7d0d3b3c49446c87be34ef2e4140a0	given	2026-05-14 10:09:56.362546+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a7e93387-a705-4aba-bad3-b89efaefeaa4	b374b38f7e8c44e284d94af6baff6670	undo	2026-05-14 10:09:56.380975+00	dff76536-d6ef-4809-b20b-5e246fe5ab97
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fa135fc0-a635-416b-8e76-a8d51afb447d	9118eeaf2b1e4c3dbe2e3f0967380ad5	given	2026-05-14 10:09:56.394669+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	91386ddc-852c-423d-862e-a770188a94a6	61296e65077647e8be4a13cf4dd95ba6	given	2026-05-14 10:09:56.41212+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	86190be5-66f3-4826-9d83-688a945de717	f024d4fc3fec4b549493576d76448ff5	given	2026-05-14 10:09:56.428994+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2d436c7c-eea2-42e6-b24c-1de55b6e23d1	d34f1227a6814132ac154fc85b2248e5	given	2026-05-14 10:09:56.448476+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e07e6f7e-d37f-437d-a417-2e018da4fa5d	55417dc7eb144e4abe56adb29b885757	given	2026-05-14 10:09:56.48516+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2dd15f0f-6828-48d3-ad41-c9f5b486406b	d6b5c16feaad4e48aefbf8c5b68d3cfa	given	2026-05-14 10:09:56.502636+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e54dbf1e-92e2-4070-8167-2e125903aab4	e77cc6e40f674c838f7f863dd4feca98	given	2026-05-14 10:09:56.520333+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45eaec66-9238-4f23-8c1a-f8fe31091e6b	86e107ffa2724314b81bef2360ffd616	given	2026-05-14 10:09:56.53756+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	674ae001-6797-43fd-97c0-66c79656030d	e7252949a3014bb084f1dff8eb156590	given	2026-05-14 10:09:56.55417+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	798b9913-b3b5-4f4c-8ccd-462efdd58844	a934d98e1f3c44a599eaf71c915ca5be	given	2026-05-14 10:09:56.615197+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0b09225e-f8bb-4049-89f9-b96ffc34e7d3	ffc33b64883a44a38a7aeb3acdb73352	given	2026-05-14 10:09:56.632071+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b6190948-e9f8-43e2-86d1-a90cc40e0de2	11242ad8516845bc9c67154997a7687c	given	2026-05-14 10:09:56.648083+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e62444c3-995e-4360-bbbd-93b78f6490d5	cb4e4853b73d460bbd2b7a9223bf3758	given	2026-05-14 10:09:56.663967+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e6061213-809a-4c3e-abe0-1776b85295ef	6f4ba7a0f9a84ad0ade9cce0484e8c48	given	2026-05-14 10:09:56.699609+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6bb736ba-712c-4189-bc6e-63e54c6731fc	5a28dde8d7ac4e20b8234d4f83514b0e	given	2026-05-14 10:09:56.718898+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43a76f97-f8c3-4c46-9608-658d7453e4af	ad0e68e8b74942a7b1f4939a17af107b	given	2026-05-14 10:09:56.735282+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8717eb26-f189-4ff9-8620-dda7b342bc13	4440a85d297a4139882a63f151330882	given	2026-05-14 10:09:56.75128+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27f5ea55-dcd9-4cef-96e2-06813cf1ced7	f04e3983fe164aa2bce9c24061556fee	given	2026-05-14 10:09:56.774811+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	991e2c5b-a32e-4d5d-9c31-f2d67b4647ed	67eb097fe8a14a459d8665f34760efb5	given	2026-05-14 10:09:56.791311+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c2709b-f49b-404e-8101-2c48c298a062	04a173a5f8454bdf8fad59c93868119d	given	2026-05-14 10:09:56.813898+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a8680a2b-a264-4b41-9ce0-818aa45debe7	8b03115331464b46b1d49df2ccac48aa	given	2026-05-14 10:09:56.829974+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	07482ba9-6577-4895-8ede-b26e4cbc24cf	f522835f4d4d474193c761b8aa999fe4	undo	2026-05-14 10:09:56.845198+00	a8680a2b-a264-4b41-9ce0-818aa45debe7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95ddd303-35f8-47a8-9d25-567277e98fd6	ef78f55fd71c40fb867ae6a4312ead74	given	2026-05-14 10:09:56.879109+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9a19f7b4-044e-4dcc-91f3-3a37226e1730	944a33b8ca964b91a88bfc80053ae8bc	given	2026-05-14 10:09:56.895821+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	af05f30a-8c5e-40a2-a33c-6c62bfa6e1ce	2a6cf8132e214f91b0eecb338d537196	given	2026-05-14 10:09:56.912541+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3fd743d0-74b5-4c7e-aa63-5825dc8949ae	45270105b7fc4469861b21ddbe697128	given	2026-05-14 10:09:56.9364+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	953c6eb2-2e0f-4989-8fb2-73ac1f6d6653	7cb27b0e272e4469b3c74e7fc5f7241c	given	2026-05-14 10:09:56.956108+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11b47a9f-95a5-42c2-918c-9574e593e5cf	b332877b06f9461cb7ec3627ceddb180	given	2026-05-14 10:09:56.974141+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1519514b-e146-4cff-bde1-87d5da19156b	770c847dc35842b1b0bed0f61dd5b8b7	given	2026-05-14 10:09:56.9898+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	418b5b2f-26b8-46ca-a7c8-c6e83933ee9e	06f6c93ab5c348f096a1897df6a2acaa	given	2026-05-14 10:09:57.006026+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	50ea0222-57cd-4090-ac5e-ca0ae52be662	d5455f0281894c1b852bf95160648a2c	given	2026-05-14 10:09:57.022711+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5dbe4eab-cc0d-4008-9c65-bc1200e77b0c	c5596efd182b460bb1f740c0bf07b7c2	given	2026-05-14 10:09:57.057326+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	16540abf-e678-4941-b6dc-d9af17e07f43	48e6adddc5e744a68852eecf124e41bd	given	2026-05-14 10:09:57.072374+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	71982ec0-b2c9-48f9-aa4c-bd8440097624	3e944578a11c403fa5702b9533ce274e	given	2026-05-14 10:09:57.089885+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c1b2488-db2e-4376-aa2d-69c582d59bf5	95f62f78e7b74760bf8a179284189272	given	2026-05-14 10:09:57.106477+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7f51c224-1926-4ea1-ac7f-7670762c04cc	8ffa89928a834524b206ff6f4e1d09d9	given	2026-05-14 10:09:57.123529+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d5aeb01b-8e7f-4205-84f7-34998246100d	44ef30f7ef8f4f0a81683b10ea64eb10	given	2026-05-14 10:09:57.141277+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30958c85-7660-40ad-a438-72651ec5c55f	9fd52534b68645bb9cb36d8935b63cc6	given	2026-05-14 10:09:57.158108+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	70c93b88-36b4-4851-8bb8-b240d848eb5b	13e9d616f9054d878b9a3e35a5d4126e	given	2026-05-14 10:09:57.172667+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8abf1b89-d969-4469-bb43-7e17b793dc62	fccd3855ca4f4094b79fb3664055097c	given	2026-05-14 10:09:57.188539+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3d3211e-4906-4b7f-bf29-9b48930b871e	fd42b4e495494aea9ac087ccff64af0f	given	2026-05-14 10:09:57.219587+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ecda04de-7447-45fd-8019-fbf3231b1b08	333e625a8e294a109eded9d95e5a0e6e	given	2026-05-14 10:09:57.234523+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6c525872-b7ce-49fe-b55e-594862cf50d0	6876b92a028f4977b1240b4f9d4eb886	undo	2026-05-14 10:09:57.24944+00	ecda04de-7447-45fd-8019-fbf3231b1b08
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45ab3de9-1125-451c-8858-97d5b6062cbf	1d8bf89ecc7646bd99c98e81aef7e836	given	2026-05-14 10:09:57.262744+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62ea8b58-944f-42c1-a3fc-24ded9d83c49	4addf42db0794bc28704a792c209eac9	given	2026-05-14 10:09:57.279871+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f7b896da-10b1-49fe-a340-923d247f60a1	dc801be22a6943c28decd0124098920f	given	2026-05-14 10:09:57.296377+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	afd7a139-1f4f-4e4a-a0fb-0df45c7f1da2	e20ba3a64c794bd6aff12eee660e8ce6	given	2026-05-14 10:09:57.313128+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	39dff55d-3814-41e2-aa95-52aaa91b127b	ff0c583c3e3242e3aeef8adc01bdd0eb	given	2026-05-14 10:09:57.329694+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f456a5b9-6287-4c51-926f-b5ff6770164f	a50e20cf7bd64926b4549ce20c881386	given	2026-05-14 10:09:57.348723+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15593b8f-f240-45be-992c-578f7baeda9c	133cacdde2ce46b1be998b2817ace6bf	given	2026-05-14 10:09:57.383389+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	84baf0e1-c966-4ab3-924b-d55f2b099cc6	21d61953fa824b40ad137ed886aff7b7	given	2026-05-14 10:09:57.398293+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc1dd49-e20c-4ece-b39c-8ec91da38678	b02ec7e4952746c598c4235a2b129eb7	given	2026-05-14 10:09:57.412311+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	202d3145-e499-418e-9a01-d51ea1e74694	64716046bdca4974b1c3e46a27301d28	given	2026-05-14 10:09:57.430672+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	609c15b9-c50f-454e-a172-1a90a53522ed	aa068e439e48432aa020c29405889094	given	2026-05-14 10:09:57.450496+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f54426f6-cbbb-47a0-b71b-ad2cefc6b0d9	48b638724db84b2f9528c5a330124d64	given	2026-05-14 10:09:57.465725+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	da6edc86-b6f7-4d16-ac51-d34301e66d92	fda2637d599343ef941639008a5a3989	given	2026-05-14 10:09:57.48054+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	24f2e8a1-22be-4e61-9167-96cb04a38af2	96189da50e2149caa3d7f6c85cfe10a2	given	2026-05-14 10:09:57.49671+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	517481f7-1411-4824-a36a-68661b5789ff	c28ad718c63f47c28c290adcd3d2347d	given	2026-05-14 10:09:57.52844+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c4306f3-ae3d-494f-95bf-8b8e253ac1a7	4cff298a078d48c786a1cd35d008403b	given	2026-05-14 10:09:57.560544+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c2dae61c-2c37-4591-9f96-b4c9002bda30	de5b5c0cc0c4474fa2add7b74b9f85a2	note	2026-05-14 10:09:57.577401+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7a93385c-c362-4431-bb5c-98daeb9d66fd	541883a049ea46ceacd5c4d89e63a1d9	note	2026-05-14 10:09:57.584418+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	435af2be-fd29-46b9-8766-06d75c55a62c	7d349a4e01354de68e0e73dac917a442	note	2026-05-14 10:09:57.591872+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90eb4be7-e717-4f5e-aa11-9dda5f6c3ddc	f9a0d5781a6e420a987e20fce23dd17d	note	2026-05-14 10:09:57.599409+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f745b893-a14f-40db-b8c4-04af88ee35f3	d901e427bab044d08bd2deddb7396af2	reading	2026-05-14 10:09:57.623517+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9e1782ea-7271-4bff-8de7-7e6f3896d977	4e4c594606ce46eb88d0c99fdbeb43ae	reading	2026-05-14 10:09:57.652023+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	850363bc-babf-409c-9d6e-f2d9f7e71c68	12f57a567b844ae182b33970b7a36ed2	reading	2026-05-14 10:09:57.670583+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	01e20f2f-47ed-434f-a51a-88d558ca2762	d38dd4314f9a436a80afd77758964db2	reading	2026-05-14 10:09:57.68908+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f310c2b0-c843-4004-b38a-307a828c40fd	cd435ebf975f4d5eb5bbc85cebdb07dc	reading	2026-05-14 10:09:57.750039+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c1b38f66-13b2-424a-a216-4bf066a4b036	b8a11ac316a141cf978f8883c26c4924	reading	2026-05-14 10:09:57.770322+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5d5278aa-cde2-4076-a96f-5b15d4939b8d	73b56754ded849e6889247bc2455cee3	reading	2026-05-14 10:09:57.789881+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e0a1e233-c2ab-4a5f-9373-b41c87686dab	407774802ff94169b2f3310ef506a3cb	reading	2026-05-14 10:09:57.814014+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d386d70d-1d77-4b9f-a69a-3bcd614fce95	65d84be5470e42c19413ac4f58b21604	reading	2026-05-14 10:09:57.857619+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fbcd8a18-2a31-4f9c-b5a2-7a54f8b75438	cdd53b213aeb45169599a8d8ceb426e4	reading	2026-05-14 10:09:57.876326+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	70901230-8a43-4d39-a2a2-0932faea23e0	7c3110c6a33241e8a2cb4eb8a82724c4	reading	2026-05-14 10:09:57.897174+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ae42e7c-d020-41b8-a103-4c52d2d4bae9	9191c8e35aa44eb78a89f65525a09c60	reading	2026-05-14 10:09:57.930174+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d68fa871-1bb2-4744-815c-70d91b7a2a10	14c1150cb06744f9a82ccdd6f5d8759c	reading	2026-05-14 10:09:57.965551+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	245749af-c366-4b15-bfa0-55e99fac3c52	7661916141184744837067a32f62459e	reading	2026-05-14 10:09:57.984288+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8916c70d-8af1-4b09-875e-73de6af1d1ca	9ee7b7aa7dd94b5a9c8af11d1040f66d	reading	2026-05-14 10:09:58.006984+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a692ec96-a0a0-44fd-97cd-3090a4aea8e1	b6fc409567fe4caab05ba8987cbd0d95	reading	2026-05-14 10:09:58.03385+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9714a5dc-7301-4614-99e2-ed467487b9a9	35fea328b5bd48669978ea5fb735e642	reading	2026-05-14 10:09:58.068583+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f5c78284-89ee-495d-ae53-73c0a5fe09f2	720af11b18cf4e7295fd681717d21c44	reading	2026-05-14 10:09:58.097499+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	ca0b2854-f517-4f2f-b904-0a67e96a6592	1d259add5a4241ecab344c96aa34edd1	reading	2026-05-14 10:09:58.121545+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	66e6e41a-1e4d-4796-a7a5-26370ca6de47	f7ab1f2513ad49aab1002ccbc0e784df	reading	2026-05-14 10:09:58.140438+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8dfea974-d7fe-4e0d-b526-5d61e0d0cd4d	24cf6fc49b6643789d03b04c0f999159	reading	2026-05-14 10:09:58.162517+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23c11efb-45d6-433c-bf14-a03e467c6647	e8711af17616401c896398d356140fe4	reading	2026-05-14 10:09:58.185491+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2a75635a-2313-48e6-a561-00f2647d14df	750732704bf648d483d61ac48546c9de	reading	2026-05-14 10:09:58.209377+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	435b00a0-88d1-40df-8bdd-b0c8015b4ba1	0554decc1d27424498983cdabd04250d	reading	2026-05-14 10:09:58.226552+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	605eebba-335d-4ee6-a682-3c27021ee4c8	e57decf0f3f64110860f8b11dbc57e60	reading	2026-05-14 10:09:58.252497+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4f13bf07-ec9e-4b01-9930-539e1e0d7173	f173bd396eea4561a27655c7ca17dbb2	reading	2026-05-14 10:09:58.270538+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	fb93c377-e48a-4fbe-8538-a1d252a52e65	7d2b054bc2e34ded9b0904e7eeae3990	reading	2026-05-14 10:09:58.291595+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a0728be5-bfc9-4e0c-9744-435e48f3079b	26e55627237745208baf09e5ba9d2412	reading	2026-05-14 10:09:58.313429+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b9254427-3a74-42ab-b4d8-d8ceb53f2f5b	7f647442285e484ba3f9dd2f0724b126	reading	2026-05-14 10:09:58.346383+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95398741-53f5-43b1-8881-512ce93b544e	58b005d0b635489f9ec2a0f666bd9466	reading	2026-05-14 10:09:58.371291+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	db2b43d8-ca3b-487a-9095-014f7fc99a7c	110ad4b510564fb68da526eba3acfae9	reading	2026-05-14 10:09:58.387718+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ba28e17-3340-4afb-acaf-9dbd10bd9c89	2062999c10ba464ebe1619ea6dcc9832	reading	2026-05-14 10:09:58.40308+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9ad36424-75cf-44a8-83b0-f3ffac9da7de	4c2672170778463a97dfca12d942194d	reading	2026-05-14 10:09:58.426206+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	eb25ce9a-1e21-4f13-ba32-5aa03d6f2e3e	16887af5c1444f598eef8da065952d56	reading	2026-05-14 10:09:58.44424+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5f770ac1-2619-4c95-8f1e-355e2578f07f	dddad629bbb14e8fa863327bf89787e0	reading	2026-05-14 10:09:58.45968+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	348fa2ea-fc7a-48a2-af9b-c69f807637d7	d3cca32608c84860a849b88a666b0968	reading	2026-05-14 10:09:58.477843+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1cdf6151-b58f-4de5-bca6-8bab10538611	6951f2ef956245a695afd36124b8572b	reading	2026-05-14 10:09:58.505245+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	984aea3b-3a73-4a9f-bdb5-978018ffe9cd	056e91ca4b8a45469143c8431abe84b6	reading	2026-05-14 10:09:58.521459+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	79df0b0f-6ba1-4bf3-afce-953c2d312db2	6903ec1e5ab64300810ffcc79435f883	reading	2026-05-14 10:09:58.537637+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	063a0bf6-8444-47f8-b11f-f1c39c5927ed	8d3e86d907d44020b64ebc185c64a00a	reading	2026-05-14 10:09:58.555+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0990f0d7-e697-482d-b5d1-34f3d5476118	f2485059faf746ba818247d97b1d54cb	reading	2026-05-14 10:09:58.584108+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b19d2445-6683-4a29-8e24-9e71f2a1ef26	9172e071a02e4656ba944467343e626c	reading	2026-05-14 10:09:58.617647+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0e8b20d4-b250-4a78-a509-cddb699c7214	8c658b88ead6457fb1d047b9c231b139	reading	2026-05-14 10:09:58.635917+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	964af108-8a63-4d9c-afba-cf764d97cb52	0c7ac137571d4139b6a2dbc8fe37b173	reading	2026-05-14 10:09:58.654385+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f651216b-3f66-4d48-872c-2f22e197bb8e	2b3fea850cd34124a84c0890146cc176	reading	2026-05-14 10:09:58.685862+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f3023c13-9d7d-4b65-87e3-93d321955a62	d29dd4dd597a47a5ad946bf1593e78c8	reading	2026-05-14 10:09:58.713523+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a3368f67-f0d3-4abb-a08f-f79bcb6bb692	a2bcd4fbd4244ab3b98d81ea13f35247	reading	2026-05-14 10:09:58.731205+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	66d4d459-e4c5-4b76-8ea1-63adb4c548ab	f29c7fc6cac64dba94d1884ad68c3a00	reading	2026-05-14 10:09:58.749974+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	029bd9e3-8fed-46e7-b4b2-7f0657acd649	c750882441d34a78a89f56c479f29b53	pot_on	2026-05-14 10:09:58.799188+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	058ba8c3-f6b8-4f0b-81a0-4ffe238ed9ac	2ca76ee200274b2ba205e9ee2768efe9	move	2026-05-14 10:09:58.839742+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	523f42e8-f763-41cf-938c-04e8a0d9f727	bff4734ac3c8464aac0db311092537d4	amend	2026-05-14 10:09:59.273209+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3a667a06-5a07-4c25-86eb-51f200f2e864	8bf43c0ce72b44ff900145fa9f2e4492	amend	2026-05-14 10:09:59.319796+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c8d33f54-adfe-47ff-8b72-06e7a101c2c9	d2169c1fdf864e759fed256f6e7c1bf6	tick	2026-05-14 10:09:59.898803+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c7b40f6-1cc4-4ff3-90ba-e784910c3af1	c3a280f450ac4789915326f7a606a68a	tick	2026-05-14 10:09:59.953032+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a789218c-18e2-4fb8-b135-fea59894acf2	4072d998028a4846abcb5ef93fb3074a	skip	2026-05-14 10:10:00.131428+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a20d8c52-6e8f-4bfe-a019-39a6939889a8	f2258d1c9f164b269984c707b30c0f15	tend	2026-05-14 10:10:09.965068+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9b074e71-fd22-41a8-8134-0b93ac311cc1	f497e0852d5e430687e027b578fa89f1	tend	2026-05-14 10:10:10.016301+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	febf9642-41ec-47d0-bb03-d2807e33cd10	f80dbcc641b14686a1ef86989f4331ea	tend	2026-05-14 10:10:10.049725+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfe6406a-ab8e-4fbc-932d-7a33c4008311	864f4ffcfb554c77ab96048f734312e6	tend	2026-05-14 10:10:10.126088+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4dad7bf1-a12a-41b2-84cd-965c5c8afabe	9e74edeaf020413fa6597cf8266d52b9	tend	2026-05-14 10:10:10.160523+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0bb6e7e8-a964-42b5-af90-5e9314f13640	5fc1f994d4814b818fc0937f71a152b8	tend	2026-05-14 10:10:10.200145+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0de9811c-1e2a-45d1-ba85-d1317c3cf80e	edit-0de9811c-1e2a-45d1-ba85-d1317c3cf80e	edit	2026-05-14 10:10:10.502539+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	453f21c6-a254-4218-92bb-7fa3c35ca226	edit-453f21c6-a254-4218-92bb-7fa3c35ca226	edit	2026-05-14 10:10:10.67982+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f19feeb5-a82e-452d-810a-97517e4cf15f	edit-f19feeb5-a82e-452d-810a-97517e4cf15f	edit	2026-05-14 10:10:10.770673+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1ac07a61-4f63-439a-9163-71f0f46295e3	edit-1ac07a61-4f63-439a-9163-71f0f46295e3	edit	2026-05-14 10:10:10.920182+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f4664f57-9ff3-4edd-8385-4a24c879c75d	edit-f4664f57-9ff3-4edd-8385-4a24c879c75d	edit	2026-05-14 10:10:11.000155+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b5018b41-2811-47d9-a34d-3766af212db5	edit-b5018b41-2811-47d9-a34d-3766af212db5	edit	2026-05-14 10:10:11.261291+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4e21a4d5-a096-41a1-9a38-a036a003cbf7	edit-4e21a4d5-a096-41a1-9a38-a036a003cbf7	edit	2026-05-14 10:10:11.403405+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7231443e-601b-4636-84bf-57577bb3fc91	edit-7231443e-601b-4636-84bf-57577bb3fc91	edit	2026-05-14 10:10:11.481848+00	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d615c32-62be-402d-bde3-bd5aa4917f23	edit-0d615c32-62be-402d-bde3-bd5aa4917f23	edit	2026-05-14 10:10:11.706645+00	\N
\.


--
-- Data for Name: batch; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.batch (garden_id, id, number, recipe, recipe_name, recipe_version, made_on, litres, components, component_names, litres_put, pot_names, pot_counts, stirred_in, stirred_grams, first_ph, first_ph_typed, notes, retired, version, added_names, added_grams) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d6ced93b-688a-4761-a1ad-6809a6a5b359	1	peat_perlite	Peat and perlite, 3 : 1	0	2026-03-12	25	{peat_medium,perlite_coarse}	{"Sphagnum peat, medium","Perlite, coarse"}	{20.97818146835197,6.992727156117323}	{}	{}	Dolomite	65	5.6	5.6|pH	Perlite from the torn bag, a little dusty.	f	1	{}	{}
\.


--
-- Data for Name: calendar_day; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.calendar_day (garden_id, lot_id, feed_on) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050bcb27-8bf2-4140-88f4-f894a693619a	2026-05-19
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	2026-05-20
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	2026-05-24
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	2026-05-19
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c05fc83-edf0-4180-887b-e2b8c6ba608c	2026-05-19
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	2026-05-24
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	2026-05-20
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d094483e-165f-44be-a94d-e96dd19bc63f	2026-05-19
\.


--
-- Data for Name: calendar_state; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.calendar_state (garden_id, in_use, made_on, address) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	t	2026-05-14	\N
\.


--
-- Data for Name: calibration; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.calibration (garden_id, id, meter_id, made_on, celsius, ph4, ph7, ph10, ec, compensated, adjusted, typed, retired, version) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c0406b5c-7ea3-4aca-8362-254ab4ef65f0	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	2026-02-07	21	4.06	7.05	\N	1.41	t	t	{celsius=21|°C,ec=705|ppm,ph4=4.06|pH,ph7=7.05|pH}	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	76368c8f-9068-4b40-80ef-c07aca61baca	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	2026-03-14	21	4.1	7.06	\N	1.424	t	t	{celsius=21|°C,ec=712|ppm,ph4=4.10|pH,ph7=7.06|pH}	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8267eddc-8a7c-40f3-a510-5ce348fcd18e	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	2026-04-18	21	4.12	7.04	\N	1.402	t	t	{celsius=21|°C,ec=701|ppm,ph4=4.12|pH,ph7=7.04|pH}	f	1
\.


--
-- Data for Name: change; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.change (garden_id, id, act_id, kind, thing_id, version, before, after) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1	c36b0ae1-39bd-44ec-bc1d-2814249d6e00	place	49eb6706-a7f8-44af-83d3-5f553d89f4c3	1	\N	{"id": "49eb6706-a7f8-44af-83d3-5f553d89f4c3", "kind": "indoors", "lows": [16.5, 16.5, 16.5, 16.5, 16.5, 16.5, 16.5, 16.5, 16.5, 16.5, 16.5, 16.5], "name": "Lamp shelf", "highs": [21.5, 21.5, 21.5, 21.5, 21.5, 21.5, 21.5, 21.5, 21.5, 21.5, 21.5, 21.5], "typed": {}, "retired": false, "version": 1, "humidity": 55.0, "lampPpfd": 120.0, "latitude": 52.4, "sunshine": 0.38, "lampHours": 13.0, "lightShare": 0.05}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2	ee6d6ddc-1c60-47b8-8a84-b4dd2035e924	place	869f7eac-3295-45fe-90b1-15c3e5dd28f8	1	\N	{"id": "869f7eac-3295-45fe-90b1-15c3e5dd28f8", "kind": "under_glass", "lows": [7.0, 7.0, 7.0, 7.0, 8.5, 11.5, 13.5, 13.5, 11.0, 8.0, 7.0, 7.0], "name": "Lean-to", "highs": [13.0, 13.5, 16.5, 19.5, 23.0, 26.0, 28.5, 28.0, 25.0, 20.5, 16.0, 13.5], "typed": {}, "retired": false, "version": 1, "humidity": 70.0, "latitude": 52.4, "sunshine": 0.38, "lightShare": 0.6}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3	655e40fb-f068-4721-aa8d-ccb66e5b53a5	place	298dfab4-3d85-479b-b8af-e2891655eb62	1	\N	{"id": "298dfab4-3d85-479b-b8af-e2891655eb62", "kind": "under_glass", "lows": [2.5, 2.5, 4.0, 5.5, 8.5, 11.5, 13.5, 13.5, 11.0, 8.0, 5.0, 3.0], "name": "Small tunnel", "highs": [13.0, 13.5, 16.5, 19.5, 23.0, 26.0, 28.5, 28.0, 25.0, 20.5, 16.0, 13.5], "typed": {}, "retired": false, "version": 1, "humidity": 80.0, "latitude": 52.4, "sunshine": 0.38, "lastFrost": "04-28", "firstFrost": "10-25", "lightShare": 0.65}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4	8184eb9c-4120-4d40-a6a5-b7c1eabdc25c	water	687c3bae-8e82-4337-a426-3b7dad2fe22a	2	{"ec": 0.45, "id": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "ph": 7.3, "kind": "tap", "name": "Tap", "typed": {"ec": {"text": "0.45", "unit": "mS/cm"}, "ph": {"text": "7.3", "unit": "pH"}}, "retired": false, "version": 1, "contents": {}}	{"ec": 0.45, "id": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "ph": 7.3, "kind": "tap", "name": "Tap", "typed": {"CA": {"text": "62", "unit": "mg/L"}, "CL": {"text": "22", "unit": "mg/L"}, "MG": {"text": "5", "unit": "mg/L"}, "NA": {"text": "14", "unit": "mg/L"}, "ec": {"text": "0.45", "unit": "mS/cm"}, "ph": {"text": "7.3", "unit": "pH"}, "alkalinity": {"text": "165", "unit": "mg/L CaCO₃"}}, "retired": false, "version": 2, "contents": {"CA": 62.0, "CL": 22.0, "MG": 5.0, "NA": 14.0}, "alkalinity": 165.0}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5	a758c0fd-12d1-458f-8b75-a853211fd8c1	water	f52e6748-f096-4ae2-adf5-d3bd77b7a661	1	\N	{"ec": 0.05, "id": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "ph": 6.0, "kind": "rain", "name": "Rain butt", "typed": {"ec": {"text": "0.05", "unit": "mS/cm"}, "ph": {"text": "6.0", "unit": "pH"}, "alkalinity": {"text": "8", "unit": "mg/L CaCO₃"}}, "retired": false, "version": 1, "contents": {}, "alkalinity": 8.0}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6	30408e58-7a9c-458a-bff5-279a7ddc2485	vessel	c9b08ff5-513c-4f4e-a41a-16e46c0a7f1c	1	\N	{"id": "c9b08ff5-513c-4f4e-a41a-16e46c0a7f1c", "use": "can", "name": "Indoor can", "litres": 1.5, "retired": false, "version": 1, "litresTyped": {"text": "1½", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7	d560a142-6961-4d5b-b6ab-a3d8a478040c	vessel	753f6cf1-ef2e-4786-9c29-70625bb6104d	1	\N	{"id": "753f6cf1-ef2e-4786-9c29-70625bb6104d", "use": "can", "name": "Bucket", "litres": 9.0, "retired": false, "version": 1, "litresTyped": {"text": "9", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8	fcc5fe4d-cc84-4394-95ff-3402b38887b8	vessel	3429dbf8-a252-4369-86e9-d6d38aa704cd	1	\N	{"id": "3429dbf8-a252-4369-86e9-d6d38aa704cd", "use": "can", "name": "Barrel", "litres": 200.0, "retired": false, "version": 1, "litresTyped": {"text": "200", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9	122b77e0-d9fd-46b7-a586-b81490fea474	vessel	11f56f06-ca62-49b0-aff2-5caf002b068b	1	\N	{"id": "11f56f06-ca62-49b0-aff2-5caf002b068b", "use": "tub", "name": "Mortar tub", "litres": 40.0, "retired": false, "version": 1, "litresTyped": {"text": "40", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	10	e2d6eeb3-3723-4760-b61d-a94f92efcd5c	vessel	4f7d4530-1c7b-4a9f-bcd3-e0f7bde89059	1	\N	{"id": "4f7d4530-1c7b-4a9f-bcd3-e0f7bde89059", "use": "shovel", "name": "Coal shovel", "litres": 2.5, "retired": false, "version": 1, "litresTyped": {"text": "2½", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11	4c7c4ebc-bfd0-40ea-ae5d-17c7b6cb19ef	meter	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	2	{"id": "3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9", "name": "Pen meter", "typed": {}, "retired": false, "version": 1, "compensates": true, "ecPlusMinus": 5.0, "phPlusMinus": 0.1}	{"id": "3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9", "name": "Pen meter", "scale": "ppm500", "typed": {"ecPlusMinus": {"text": "5", "unit": "%"}, "phPlusMinus": {"text": "0.1", "unit": "pH"}}, "retired": false, "version": 2, "probeSince": "2025-03-14", "compensates": true, "ecPlusMinus": 5.0, "phPlusMinus": 0.1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	12	2d842348-872e-4bfb-bdff-e1d852652286	calibration	c0406b5c-7ea3-4aca-8362-254ab4ef65f0	1	\N	{"ec": 1.41, "id": "c0406b5c-7ea3-4aca-8362-254ab4ef65f0", "on": "2026-02-07", "ph4": 4.06, "ph7": 7.05, "typed": {"ec": {"text": "705", "unit": "ppm"}, "ph4": {"text": "4.06", "unit": "pH"}, "ph7": {"text": "7.05", "unit": "pH"}, "celsius": {"text": "21", "unit": "°C"}}, "celsius": 21.0, "meterId": "3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9", "retired": false, "version": 1, "adjusted": true, "compensated": true}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	13	57ccfdfc-0ec5-4364-8dc2-6a27dd40793c	calibration	76368c8f-9068-4b40-80ef-c07aca61baca	1	\N	{"ec": 1.424, "id": "76368c8f-9068-4b40-80ef-c07aca61baca", "on": "2026-03-14", "ph4": 4.1, "ph7": 7.06, "typed": {"ec": {"text": "712", "unit": "ppm"}, "ph4": {"text": "4.10", "unit": "pH"}, "ph7": {"text": "7.06", "unit": "pH"}, "celsius": {"text": "21", "unit": "°C"}}, "celsius": 21.0, "meterId": "3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9", "retired": false, "version": 1, "adjusted": true, "compensated": true}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14	0130ff25-ee54-4c7f-b8f9-19a934fea192	calibration	8267eddc-8a7c-40f3-a510-5ce348fcd18e	1	\N	{"ec": 1.402, "id": "8267eddc-8a7c-40f3-a510-5ce348fcd18e", "on": "2026-04-18", "ph4": 4.12, "ph7": 7.04, "typed": {"ec": {"text": "701", "unit": "ppm"}, "ph4": {"text": "4.12", "unit": "pH"}, "ph7": {"text": "7.04", "unit": "pH"}, "celsius": {"text": "21", "unit": "°C"}}, "celsius": 21.0, "meterId": "3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9", "retired": false, "version": 1, "adjusted": true, "compensated": true}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15	6d8eabc3-6ec6-4f68-998e-ad96e8fc841e	feed	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1	\N	{"n": 15.0, "id": "0f695444-3172-4c54-9bd0-a16ef4fbdeba", "k2o": 20.0, "form": "dry", "name": "Tarn Blue crystals", "p2o5": 7.0, "basis": "by_weight", "label": "Dissolve 2½ tsp per 2 gal every 10 days", "typed": {"B": {"text": "0.02", "unit": "%"}, "n": {"text": "15", "unit": "%"}, "FE": {"text": "0.05", "unit": "%"}, "MG": {"text": "1.2", "unit": "%"}, "MN": {"text": "0.03", "unit": "%"}, "ZN": {"text": "0.02", "unit": "%"}, "k2o": {"text": "20", "unit": "%"}, "p2o5": {"text": "7", "unit": "%"}, "UREA_N": {"text": "4.7", "unit": "%"}, "density": {"text": "0.95", "unit": "kg/L"}, "NITRATE_N": {"text": "8.2", "unit": "%"}, "AMMONIUM_N": {"text": "2.1", "unit": "%"}}, "answers": [{"choice": "IMPERIAL", "question": "WHICH_MEASURES"}, {"choice": "LEVEL", "question": "SPOON_LEVEL"}], "density": 0.95, "retired": false, "version": 1, "contents": {"B": 0.02, "FE": 0.05, "MG": 1.2, "MN": 0.03, "ZN": 0.02, "UREA_N": 4.7, "NITRATE_N": 8.2, "AMMONIUM_N": 2.1}, "elements": false, "wordsSeen": false}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	16	52677023-bdc9-4c1c-8291-48896bc2f3ed	feed	f97bc0b0-1657-4f93-be70-014e753d0c19	1	\N	{"n": 5.0, "id": "f97bc0b0-1657-4f93-be70-014e753d0c19", "k2o": 6.0, "form": "liquid", "name": "Old Marl liquid", "p2o5": 3.0, "basis": "by_weight", "label": "1–2 ml/l every 10–14 days", "typed": {"n": {"text": "5", "unit": "%"}, "k2o": {"text": "6", "unit": "%"}, "p2o5": {"text": "3", "unit": "%"}, "density": {"text": "1.15", "unit": "kg/L"}}, "answers": [], "density": 1.15, "retired": false, "version": 1, "contents": {}, "elements": false, "wordsSeen": false}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17	2f9f8dc0-323b-44e7-bd3c-fe8a6b1d83e1	feed	e98bc299-92e3-4a2b-8374-b8ee4211480f	1	\N	{"n": 3.0, "id": "e98bc299-92e3-4a2b-8374-b8ee4211480f", "k2o": 3.0, "form": "liquid", "name": "Alder orchid drops", "p2o5": 2.0, "basis": "by_weight", "label": "1:1000 with every watering", "typed": {"n": {"text": "3", "unit": "%"}, "k2o": {"text": "3", "unit": "%"}, "p2o5": {"text": "2", "unit": "%"}, "density": {"text": "1.1", "unit": "kg/L"}}, "answers": [], "density": 1.1, "retired": false, "version": 1, "contents": {}, "elements": false, "wordsSeen": false}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	18	73759e6b-d75c-4468-87f0-e684585babfa	batch	d6ced93b-688a-4761-a1ad-6809a6a5b359	1	\N	{"id": "d6ced93b-688a-4761-a1ad-6809a6a5b359", "put": [{"name": "Sphagnum peat, medium", "litres": 20.97818146835197, "component": "peat_medium"}, {"name": "Perlite, coarse", "litres": 6.992727156117323, "component": "perlite_coarse"}], "pots": [], "added": [], "notes": "Perlite from the torn bag, a little dusty.", "litres": 25.0, "madeOn": "2026-03-12", "number": 1, "recipe": "peat_perlite", "firstPh": 5.6, "retired": false, "version": 1, "stirredIn": "Dolomite", "recipeName": "Peat and perlite, 3 : 1", "firstPhTyped": {"text": "5.6", "unit": "pH"}, "stirredGrams": 65.0, "recipeVersion": 0}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	19	9c3815fe-419d-4e2f-91d7-503b0e193a11	lot	260aa628-be79-4a1e-ac1d-bf769dfce4c8	1	\N	{"id": "260aa628-be79-4a1e-ac1d-bf769dfce4c8", "mix": "d6ced93b-688a-4761-a1ad-6809a6a5b359", "pot": {"top": {"text": "12", "unit": "cm"}, "base": {"text": "9", "unit": "cm"}, "shape": "round", "height": {"text": "11", "unit": "cm"}, "material": "PLASTIC"}, "name": "Streptocarpus ‘Wren’", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "e80f7607-741d-404b-84f7-c268252e39d0", "retired": false, "species": "streptocarpus", "version": 1, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-18", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	20	ad20fa19-5a37-4fb7-83f4-b5076ae47478	lot	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	1	\N	{"id": "c61a5c7f-1985-40b9-9ea1-eac7f6123d51", "mix": "peat_perlite", "pot": {"top": {"text": "14", "unit": "cm"}, "base": {"text": "10", "unit": "cm"}, "shape": "round", "height": {"text": "13", "unit": "cm"}, "material": "CLAY"}, "name": "Wax flower over the desk", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "e80f7607-741d-404b-84f7-c268252e39d0", "retired": false, "species": "hoya", "version": 1, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	21	9f1a5e8d-b950-42e9-9675-441d2e492529	lot	050bcb27-8bf2-4140-88f4-f894a693619a	1	\N	{"id": "050bcb27-8bf2-4140-88f4-f894a693619a", "mix": "peat_perlite", "pot": {"top": {"text": "13", "unit": "cm"}, "base": {"text": "9", "unit": "cm"}, "shape": "round", "height": {"text": "12", "unit": "cm"}, "material": "PLASTIC"}, "name": "Maidenhair on the shelf", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "49eb6706-a7f8-44af-83d3-5f553d89f4c3", "retired": false, "species": "maidenhair", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	22	38896d43-40e8-4a74-a625-d9d4442c9766	lot	cfc15d41-6009-4d5e-b378-e93694ebb1d1	1	\N	{"id": "cfc15d41-6009-4d5e-b378-e93694ebb1d1", "mix": "bark_charcoal", "pot": {"top": {"text": "12", "unit": "cm"}, "base": {"text": "9", "unit": "cm"}, "shape": "round", "height": {"text": "11", "unit": "cm"}, "material": "PLASTIC"}, "name": "Slipper orchid ‘Dusk’", "pots": 1, "moves": [], "feedId": "e98bc299-92e3-4a2b-8374-b8ee4211480f", "traits": {}, "placeId": "49eb6706-a7f8-44af-83d3-5f553d89f4c3", "retired": false, "species": "slipper_orchid", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-09", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23	ff9a67ae-8ad6-49be-81e6-66b1fdb2a8ef	lot	b3c142b1-b98b-4340-ba52-896ba6d43f52	1	\N	{"id": "b3c142b1-b98b-4340-ba52-896ba6d43f52", "mix": "bark_charcoal", "pot": {"top": {"text": "11", "unit": "cm"}, "base": {"text": "8", "unit": "cm"}, "shape": "round", "height": {"text": "10", "unit": "cm"}, "material": "CLAY"}, "name": "Rock dendrobium", "pots": 3, "moves": [], "feedId": "e98bc299-92e3-4a2b-8374-b8ee4211480f", "traits": {}, "placeId": "869f7eac-3295-45fe-90b1-15c3e5dd28f8", "retired": false, "species": "rock_dendrobium", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	24	273d7e90-ce14-41b2-80f9-3e7b9a1c485d	lot	2530db15-032d-44b5-b5b7-c0be2619e8cc	1	\N	{"id": "2530db15-032d-44b5-b5b7-c0be2619e8cc", "mix": "peat_perlite", "pot": {"top": {"text": "20", "unit": "cm"}, "base": {"text": "15", "unit": "cm"}, "shape": "round", "height": {"text": "19", "unit": "cm"}, "material": "GLAZED"}, "name": "Clivia from Aunt Orla", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "869f7eac-3295-45fe-90b1-15c3e5dd28f8", "retired": false, "species": "clivia", "version": 1, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25	d91fc7eb-62a2-4966-9a37-cb00273a52a3	lot	2530db15-032d-44b5-b5b7-c0be2619e8cc	2	{"id": "2530db15-032d-44b5-b5b7-c0be2619e8cc", "mix": "peat_perlite", "pot": {"top": {"text": "20", "unit": "cm"}, "base": {"text": "15", "unit": "cm"}, "shape": "round", "height": {"text": "19", "unit": "cm"}, "material": "GLAZED"}, "name": "Clivia from Aunt Orla", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "869f7eac-3295-45fe-90b1-15c3e5dd28f8", "retired": false, "species": "clivia", "version": 1, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}	{"id": "2530db15-032d-44b5-b5b7-c0be2619e8cc", "mix": "peat_perlite", "pot": {"top": {"text": "20", "unit": "cm"}, "base": {"text": "15", "unit": "cm"}, "shape": "round", "height": {"text": "19", "unit": "cm"}, "material": "GLAZED"}, "name": "Clivia from Aunt Orla", "pots": 1, "moves": [{"on": "2026-06-01", "placeId": "e24b2e5d-e77e-476e-af5c-460e4b72c1b2"}, {"on": "2026-09-20", "placeId": "869f7eac-3295-45fe-90b1-15c3e5dd28f8"}], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "869f7eac-3295-45fe-90b1-15c3e5dd28f8", "retired": false, "species": "clivia", "version": 2, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	26	bbf85841-8a13-4b6f-8f62-c802708f30c9	lot	888617e8-b1d6-4e02-b5eb-ac58c3a73722	1	\N	{"id": "888617e8-b1d6-4e02-b5eb-ac58c3a73722", "mix": "peat_perlite", "pot": {"top": {"text": "15", "unit": "cm"}, "base": {"text": "12", "unit": "cm"}, "shape": "square", "height": {"text": "14", "unit": "cm"}, "material": "PLASTIC"}, "name": "Trumpet pitchers", "pots": 6, "moves": [], "traits": {}, "placeId": "298dfab4-3d85-479b-b8af-e2891655eb62", "retired": false, "species": "pitcher_plant", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27	457598ba-9608-4f70-a98c-485ad6aa1710	lot	d7b06259-d864-4c9d-8801-b5783f4474f9	1	\N	{"id": "d7b06259-d864-4c9d-8801-b5783f4474f9", "mix": "peat_perlite", "pot": {"top": {"text": "28", "unit": "cm"}, "base": {"text": "20", "unit": "cm"}, "shape": "round", "height": {"text": "26", "unit": "cm"}, "material": "PLASTIC"}, "name": "Standard fuchsia by the gate", "pots": 1, "moves": [], "feedId": "0f695444-3172-4c54-9bd0-a16ef4fbdeba", "traits": {}, "placeId": "e24b2e5d-e77e-476e-af5c-460e4b72c1b2", "retired": false, "species": "fuchsia", "version": 1, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-18", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	28	7e609635-75e5-4bd8-b5c1-b691fec5baba	lot	5c05fc83-edf0-4180-887b-e2b8c6ba608c	1	\N	{"id": "5c05fc83-edf0-4180-887b-e2b8c6ba608c", "mix": "clay_pumice_lava", "pot": {"top": {"text": "40", "unit": "cm"}, "base": {"text": "30", "unit": "cm"}, "shape": "round", "height": {"text": "38", "unit": "cm"}, "material": "CLAY"}, "name": "Olive in the big pot", "pots": 1, "moves": [], "feedId": "0f695444-3172-4c54-9bd0-a16ef4fbdeba", "traits": {}, "placeId": "e24b2e5d-e77e-476e-af5c-460e4b72c1b2", "retired": false, "species": "olive", "version": 1, "waterId": "687c3bae-8e82-4337-a426-3b7dad2fe22a", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	29	3056714c-d528-4d15-8ea0-24c535def479	lot	0d168206-6ec2-4b63-ace9-02b1c8d55c66	1	\N	{"id": "0d168206-6ec2-4b63-ace9-02b1c8d55c66", "mix": "clay_pumice_lava", "pot": {"top": {"text": "32", "unit": "cm"}, "shape": "box", "across": {"text": "22", "unit": "cm"}, "height": {"text": "6", "unit": "cm"}, "material": "GLAZED"}, "name": "Larch in the grey tray", "pots": 1, "moves": [], "feedId": "0f695444-3172-4c54-9bd0-a16ef4fbdeba", "traits": {}, "placeId": "e24b2e5d-e77e-476e-af5c-460e4b72c1b2", "retired": false, "species": "larch_bonsai", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30	3c34d303-6f52-4fca-90cd-17de16a4a8d8	lot	cc475193-1673-419f-bc72-425221774d56	1	\N	{"id": "cc475193-1673-419f-bc72-425221774d56", "mix": "clay_pumice_lava", "pot": {"top": {"text": "28", "unit": "cm"}, "shape": "oval", "across": {"text": "21", "unit": "cm"}, "height": {"text": "6.5", "unit": "cm"}, "material": "GLAZED"}, "name": "Hawthorn in the oval tray", "pots": 1, "moves": [], "feedId": "0f695444-3172-4c54-9bd0-a16ef4fbdeba", "traits": {}, "placeId": "e24b2e5d-e77e-476e-af5c-460e4b72c1b2", "retired": false, "species": "hawthorn_bonsai", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	31	654dbb8d-444b-4e6e-b32b-c62767953ba4	lot	d094483e-165f-44be-a94d-e96dd19bc63f	1	\N	{"id": "d094483e-165f-44be-a94d-e96dd19bc63f", "mix": "peat_perlite", "pot": {"top": {"text": "4.5", "unit": "cm"}, "base": {"text": "3", "unit": "cm"}, "shape": "plug", "height": {"text": "5", "unit": "cm"}, "material": "PLASTIC"}, "name": "Heather plugs spring batch", "pots": 360, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "e24b2e5d-e77e-476e-af5c-460e4b72c1b2", "retired": false, "species": "heather", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-18", "undrained": false, "conditions": {}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32	c694dd5c-36d0-4a43-ae24-43742151d843	stock	a5f23342-2b96-41ea-84da-9638e901749f	1	\N	{"id": "a5f23342-2b96-41ea-84da-9638e901749f", "cost": 6.5, "pack": 250.0, "amount": 90.0, "feedId": "0f695444-3172-4c54-9bd0-a16ef4fbdeba", "retired": false, "version": 1, "currency": "£", "openedOn": "2026-03-19", "countedOn": "2026-03-19", "packTyped": {"text": "250 g", "unit": "g"}, "amountTyped": {"text": "90 g", "unit": "g"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	33	db25e6cf-f917-40ed-a115-a12d7afb6fe9	stock	b21e789e-d9db-4a86-9252-fe989c97c4bd	1	\N	{"id": "b21e789e-d9db-4a86-9252-fe989c97c4bd", "cost": 7.9, "pack": 500.0, "amount": 120.0, "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "retired": false, "version": 1, "currency": "£", "openedOn": "2026-03-19", "countedOn": "2026-03-19", "packTyped": {"text": "500 mL", "unit": "mL"}, "amountTyped": {"text": "120 mL", "unit": "mL"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	34	46043221-9654-4aad-8cb5-764d23047fb3	stock	0b691286-f98f-4d8c-b7db-821418d96404	1	\N	{"id": "0b691286-f98f-4d8c-b7db-821418d96404", "mix": "peat_perlite", "cost": 14.0, "pack": 60.0, "amount": 40.0, "retired": false, "version": 1, "currency": "£", "openedOn": "2026-03-19", "countedOn": "2026-03-19", "packTyped": {"text": "60 L", "unit": "L"}, "amountTyped": {"text": "40 L", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35	4d3ba4df-874e-44f0-9a67-b74fa0f7e0e3	stock	69bc941a-6283-4924-8e1e-cd82b80c409f	1	\N	{"id": "69bc941a-6283-4924-8e1e-cd82b80c409f", "cost": 19.0, "pack": 140.0, "amount": 90.0, "retired": false, "version": 1, "currency": "£", "openedOn": "2026-03-19", "component": "peat_medium", "countedOn": "2026-03-19", "packTyped": {"text": "140 L", "unit": "L"}, "amountTyped": {"text": "90 L", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	36	4ad6e638-f588-4628-86e1-bbfb26cd7a0b	stock	5b392bc4-1803-4aab-9845-fc9973b7bf16	1	\N	{"id": "5b392bc4-1803-4aab-9845-fc9973b7bf16", "cost": 22.0, "pack": 100.0, "amount": 60.0, "retired": false, "version": 1, "currency": "£", "openedOn": "2026-03-19", "component": "perlite_coarse", "countedOn": "2026-03-19", "packTyped": {"text": "100 L", "unit": "L"}, "amountTyped": {"text": "60 L", "unit": "L"}}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	37	029bd9e3-8fed-46e7-b4b2-7f0657acd649	lot	050bcb27-8bf2-4140-88f4-f894a693619a	2	{"id": "050bcb27-8bf2-4140-88f4-f894a693619a", "mix": "peat_perlite", "pot": {"top": {"text": "13", "unit": "cm"}, "base": {"text": "9", "unit": "cm"}, "shape": "round", "height": {"text": "12", "unit": "cm"}, "material": "PLASTIC"}, "name": "Maidenhair on the shelf", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "49eb6706-a7f8-44af-83d3-5f553d89f4c3", "retired": false, "species": "maidenhair", "version": 1, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}}	{"id": "050bcb27-8bf2-4140-88f4-f894a693619a", "mix": "peat_perlite", "pot": {"top": {"text": "13", "unit": "cm"}, "base": {"text": "9", "unit": "cm"}, "shape": "round", "height": {"text": "12", "unit": "cm"}, "material": "PLASTIC"}, "name": "Maidenhair on the shelf", "pots": 1, "moves": [], "feedId": "f97bc0b0-1657-4f93-be70-014e753d0c19", "traits": {}, "placeId": "49eb6706-a7f8-44af-83d3-5f553d89f4c3", "retired": false, "species": "maidenhair", "version": 2, "waterId": "f52e6748-f096-4ae2-adf5-d3bd77b7a661", "startedOn": "2026-03-19", "undrained": false, "conditions": {}, "repottedOn": "2025-10-26"}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	38	0da92e6e-22ff-4eb5-a2ef-ed7bd6d8a7b7	todo	cac72386-9beb-41d5-a7b3-809542d06ea6	1	\N	{"id": "cac72386-9beb-41d5-a7b3-809542d06ea6", "unit": "", "dueOn": "2026-05-14", "lotId": "cfc15d41-6009-4d5e-b378-e93694ebb1d1", "action": "skip_next_feed", "readOn": "2026-04-23", "retired": false, "untilOn": "2026-06-13", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	39	0de9811c-1e2a-45d1-ba85-d1317c3cf80e	todo	cb7ef620-f3dc-41fe-b840-9c5cadb38cbd	1	\N	{"id": "cb7ef620-f3dc-41fe-b840-9c5cadb38cbd", "most": 0.25, "unit": "", "dueOn": "2026-05-14", "least": 0.25, "lotId": "cfc15d41-6009-4d5e-b378-e93694ebb1d1", "action": "weaken_feed", "readOn": "2026-04-23", "retired": false, "untilOn": "2026-06-22", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	40	453f21c6-a254-4218-92bb-7fa3c35ca226	todo	09050d61-ef94-49d8-8853-2dad61ae9d64	1	\N	{"id": "09050d61-ef94-49d8-8853-2dad61ae9d64", "unit": "", "dueOn": "2026-05-14", "lotId": "b3c142b1-b98b-4340-ba52-896ba6d43f52", "action": "skip_next_feed", "readOn": "2026-04-21", "retired": false, "untilOn": "2026-05-21", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	41	f19feeb5-a82e-452d-810a-97517e4cf15f	todo	473dae01-6800-4596-a0ee-a6fc044c64f1	1	\N	{"id": "473dae01-6800-4596-a0ee-a6fc044c64f1", "most": 0.25, "unit": "", "dueOn": "2026-05-14", "least": 0.25, "lotId": "b3c142b1-b98b-4340-ba52-896ba6d43f52", "action": "weaken_feed", "readOn": "2026-04-21", "retired": false, "untilOn": "2026-06-20", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	42	1ac07a61-4f63-439a-9163-71f0f46295e3	todo	72a28ef7-c8ed-4dcf-a46c-da9463a99cee	1	\N	{"id": "72a28ef7-c8ed-4dcf-a46c-da9463a99cee", "unit": "", "dueOn": "2026-05-14", "lotId": "260aa628-be79-4a1e-ac1d-bf769dfce4c8", "action": "skip_next_feed", "readOn": "2026-05-10", "retired": false, "untilOn": "2026-06-02", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43	f4664f57-9ff3-4edd-8385-4a24c879c75d	todo	b143299c-0408-42a9-94d2-27da52cc3e5b	1	\N	{"id": "b143299c-0408-42a9-94d2-27da52cc3e5b", "most": 0.5, "unit": "", "dueOn": "2026-05-14", "least": 0.5, "lotId": "260aa628-be79-4a1e-ac1d-bf769dfce4c8", "action": "weaken_feed", "readOn": "2026-05-10", "retired": false, "untilOn": "2026-07-09", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	44	b5018b41-2811-47d9-a34d-3766af212db5	todo	1c868685-1375-48bf-9b97-f71a192f44e0	1	\N	{"id": "1c868685-1375-48bf-9b97-f71a192f44e0", "unit": "", "dueOn": "2026-05-15", "lotId": "d094483e-165f-44be-a94d-e96dd19bc63f", "action": "retest", "readOn": "2026-04-17", "retired": false, "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45	4e21a4d5-a096-41a1-9a38-a036a003cbf7	todo	c2a4ccda-d520-4a6f-bc13-559f5743f53a	1	\N	{"id": "c2a4ccda-d520-4a6f-bc13-559f5743f53a", "unit": "", "dueOn": "2026-05-14", "lotId": "0d168206-6ec2-4b63-ace9-02b1c8d55c66", "action": "skip_next_feed", "readOn": "2026-04-16", "retired": false, "untilOn": "2026-05-30", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46	7231443e-601b-4636-84bf-57577bb3fc91	todo	a46d70b4-6510-4944-8390-89297b92ea55	1	\N	{"id": "a46d70b4-6510-4944-8390-89297b92ea55", "most": 0.5, "unit": "", "dueOn": "2026-05-14", "least": 0.5, "lotId": "0d168206-6ec2-4b63-ace9-02b1c8d55c66", "action": "weaken_feed", "readOn": "2026-04-16", "retired": false, "untilOn": "2026-06-15", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47	0d615c32-62be-402d-bde3-bd5aa4917f23	todo	6313c286-c10f-4c9d-bd46-998fa7692056	1	\N	{"id": "6313c286-c10f-4c9d-bd46-998fa7692056", "unit": "", "dueOn": "2026-05-14", "lotId": "888617e8-b1d6-4e02-b5eb-ac58c3a73722", "action": "skip_next_feed", "readOn": "2026-04-13", "retired": false, "untilOn": "2026-05-28", "version": 1}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	48	593318ee-80cd-4eac-af3d-405c164892e7	todo	6b52eb37-61fc-4e96-baac-3ad42622ad4e	1	\N	{"id": "6b52eb37-61fc-4e96-baac-3ad42622ad4e", "unit": "", "dueOn": "2026-05-14", "lotId": "888617e8-b1d6-4e02-b5eb-ac58c3a73722", "action": "retest", "readOn": "2026-04-13", "retired": false, "version": 1}
\.


--
-- Data for Name: component; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.component (garden_id, id, shipped, name, family, grain_from, grain_to, porosity, capacity, capacity_column, unavailable, residual, n, density, ph, buffer, cec, ec, wet_years, cycled_years, pack_kind, pack_printed, pack_loose, pack_cost, currency, typed, measured_on, alpha_low, alpha_high, retired, version) FROM stdin;
\.


--
-- Data for Name: feed; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.feed (garden_id, id, name, n, p2o5, k2o, form, density, ec_factor, label, answers, words_seen, version, typed, retired, elements, basis, contents, chelate, formula, purity, own_ml, coated_months, coated_celsius) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0f695444-3172-4c54-9bd0-a16ef4fbdeba	Tarn Blue crystals	15	7	20	dry	0.95	\N	Dissolve 2½ tsp per 2 gal every 10 days	{WHICH_MEASURES=IMPERIAL,SPOON_LEVEL=LEVEL}	f	1	{AMMONIUM_N=2.1|%,B=0.02|%,FE=0.05|%,MG=1.2|%,MN=0.03|%,NITRATE_N=8.2|%,UREA_N=4.7|%,ZN=0.02|%,density=0.95|kg/L,k2o=20|%,n=15|%,p2o5=7|%}	f	f	by_weight	{nitrate_n=8.2,ammonium_n=2.1,urea_n=4.7,mg=1.2,fe=0.05,mn=0.03,zn=0.02,b=0.02}	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f97bc0b0-1657-4f93-be70-014e753d0c19	Old Marl liquid	5	3	6	liquid	1.15	\N	1–2 ml/l every 10–14 days	{}	f	1	{density=1.15|kg/L,k2o=6|%,n=5|%,p2o5=3|%}	f	f	by_weight	{}	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e98bc299-92e3-4a2b-8374-b8ee4211480f	Alder orchid drops	3	2	3	liquid	1.1	\N	1:1000 with every watering	{}	f	1	{density=1.1|kg/L,k2o=3|%,n=3|%,p2o5=2|%}	f	f	by_weight	{}	\N	\N	\N	\N	\N	\N
\.


--
-- Data for Name: flyway_schema_history; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.flyway_schema_history (installed_rank, version, description, type, script, checksum, installed_by, installed_on, execution_time, success) FROM stdin;
1	1	garden	SQL	V1__garden.sql	252956625	app	2026-11-29 04:08:56.478429	111	t
2	2	bench	SQL	V2__bench.sql	-855181857	app	2026-11-29 04:08:56.752926	103	t
3	3	bench index	SQL	V3__bench_index.sql	1240553006	app	2026-11-29 04:08:56.923322	9	t
4	4	mixes	SQL	V4__mixes.sql	1124074230	app	2026-11-29 04:08:56.946016	16	t
5	5	batches	SQL	V5__batches.sql	-1287753530	app	2026-11-29 04:08:56.979164	19	t
6	6	amendments	SQL	V6__amendments.sql	-572013109	app	2026-11-29 04:08:57.015741	12	t
7	7	renewed mix	SQL	V7__renewed_mix.sql	-1458582233	app	2026-11-29 04:08:57.04556	5	t
8	8	feeds and waters	SQL	V8__feeds_and_waters.sql	-1355712030	app	2026-11-29 04:08:57.065394	23	t
9	9	coated feeds	SQL	V9__coated_feeds.sql	83273593	app	2026-11-29 04:08:57.107035	4	t
10	10	how tall	SQL	V10__how_tall.sql	1416129906	app	2026-11-29 04:08:57.120401	4	t
11	11	plants	SQL	V11__plants.sql	583771525	app	2026-11-29 04:08:57.132586	10	t
12	12	rounds	SQL	V12__rounds.sql	1987021172	app	2026-11-29 04:08:57.152151	16	t
13	13	places and weather	SQL	V13__places_and_weather.sql	1411940751	app	2026-11-29 04:08:57.179371	11	t
14	14	calendar	SQL	V14__calendar.sql	-1459591837	app	2026-11-29 04:08:57.199949	7	t
15	15	subscription	SQL	V15__subscription.sql	-1859787539	app	2026-11-29 04:08:57.214799	4	t
16	16	other care	SQL	V16__other_care.sql	2142160971	app	2026-11-29 04:08:57.22919	15	t
17	17	journal lately	SQL	V17__journal_lately.sql	-674926816	app	2026-11-29 04:08:57.25664	4	t
18	18	walk	SQL	V18__walk.sql	1886877941	app	2026-11-29 04:08:57.267535	7	t
19	19	meters and methods	SQL	V19__meters_and_methods.sql	-1797570397	app	2026-11-29 04:08:57.282157	14	t
20	20	todos	SQL	V20__todos.sql	-204270986	app	2026-11-29 04:08:57.30614	12	t
21	21	connected pens	SQL	V21__connected_pens.sql	-1087493944	app	2026-11-29 04:08:57.326359	3	t
22	22	readings lately	SQL	V22__readings_lately.sql	-172830852	app	2026-11-29 04:08:57.335813	3	t
23	23	flush by account	SQL	V23__flush_by_account.sql	-704611879	app	2026-11-29 04:08:57.345736	3	t
24	24	journal checked once	SQL	V24__journal_checked_once.sql	1003900727	app	2026-11-29 04:08:57.355948	2	t
25	25	lots read	SQL	V25__lots_read.sql	-582591100	app	2026-11-29 04:08:57.372123	16	t
\.


--
-- Data for Name: garden; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.garden (id, name, time_zone, latitude, unit_habit, hand, demo, version, created_at, latitude_typed, spoons, trade) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	Quillwater Yard	Europe/London	52.4	metric	spoons	t	1	2026-05-14 10:09:02.644792+00	52.4|°	{tablespoon,teaspoon,half,quarter,eighth}	f
\.


--
-- Data for Name: journal; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal (garden_id, id, lot_id, kind, occurred_at, recorded_at, act_id, corrects, clock_ahead) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-03-18 08:10:00+00	2026-05-14 10:09:03.90266+00	e6fcb61c-a87b-4fdc-a2b2-7ab2d2f9f5c3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-03-28 08:10:00+00	2026-05-14 10:09:03.994867+00	9e2de932-95dc-46e7-929e-f131f443db7d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-04-07 07:10:00+00	2026-05-14 10:09:04.068565+00	82fd0cfc-b7f3-498f-805a-4584bf3dcb79	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-04-16 07:10:00+00	2026-05-14 10:09:04.138022+00	dd7288ac-d6fe-43e2-9ac6-2ced79485a4e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-04-21 07:10:00+00	2026-05-14 10:09:04.191945+00	17ee07f5-0574-4c4a-89c4-d5e47f55b652	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-04-30 07:10:00+00	2026-05-14 10:09:04.23518+00	8d55adfe-09ec-4304-89cb-557676037f92	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-05-05 07:10:00+00	2026-05-14 10:09:04.274295+00	5ee6613c-30ea-405b-8643-26bc165d3d50	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-03-19 08:10:00+00	2026-05-14 10:09:04.355879+00	30a73070-4bf1-4eff-9e5c-f930c1beb651	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-03-31 07:10:00+00	2026-05-14 10:09:04.394591+00	4a51a2fe-7903-48de-90c8-cbc676110282	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	10	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-04-11 07:10:00+00	2026-05-14 10:09:04.42717+00	a13986bb-cccf-4599-889f-69b084065fda	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-04-22 07:10:00+00	2026-05-14 10:09:04.464876+00	cbc14d39-4e4b-498c-8cc3-8ea5b59784bf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	12	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-05-02 07:10:00+00	2026-05-14 10:09:04.507472+00	5d2f9656-8bd4-45d0-aee4-e9c51ebdb2ab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	13	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-05-12 07:10:00+00	2026-05-14 10:09:04.552125+00	a09d25ad-9106-4897-827c-b59cc01d67a7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-03-19 08:10:00+00	2026-05-14 10:09:04.768721+00	0e2b37df-b467-4838-bada-ab346db1646e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-03-24 08:10:00+00	2026-05-14 10:09:04.800811+00	3b1e10c4-27ad-454d-8dc2-658a8e3b538b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	16	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-03-29 07:10:00+00	2026-05-14 10:09:04.835581+00	f036d2fb-a40b-48ad-a885-584128e462d3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-03 07:10:00+00	2026-05-14 10:09:04.873365+00	846096c7-4a13-4286-be26-6f41ac5ef8d3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	18	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-04-08 07:10:00+00	2026-05-14 10:09:04.90158+00	df75b4d5-6a5b-4b2b-868a-435fe5144bf0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	19	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-13 07:10:00+00	2026-05-14 10:09:04.932096+00	d191ed10-5ae3-4388-8e91-f37827c81ddf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	20	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-04-18 07:10:00+00	2026-05-14 10:09:04.967209+00	c5ef1804-de33-4de9-8794-dde2185a417a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	21	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-23 07:10:00+00	2026-05-14 10:09:05.00382+00	5c17893c-2270-4015-b166-36882e452c19	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	22	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-04-28 07:10:00+00	2026-05-14 10:09:05.034451+00	7757dc80-a798-4a79-9143-1d8d145b3e60	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-05-03 07:10:00+00	2026-05-14 10:09:05.066423+00	3bc2c5f7-9628-495e-b36c-05ceb0c55856	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	24	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-05-08 07:10:00+00	2026-05-14 10:09:05.118105+00	7e41d336-2921-4a85-93f0-36f23590c1a6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-05-13 07:10:00+00	2026-05-14 10:09:05.155151+00	050c557f-c499-4bbd-9ef3-700d0aa2ae97	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	26	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-03-09 08:10:00+00	2026-05-14 10:09:05.283107+00	f339b1ed-cca7-449c-a7e6-d52c6f390694	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-03-15 08:10:00+00	2026-05-14 10:09:05.313631+00	25b4d9e8-5d3c-4931-a0a1-8c355b1dcabc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	28	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-03-21 08:10:00+00	2026-05-14 10:09:05.343804+00	01071efa-cc79-4939-9d8a-b6394f9c4edf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	29	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-03-27 08:10:00+00	2026-05-14 10:09:05.373313+00	76cfdb6b-11a0-43e8-82b1-079afd414362	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-04-02 07:10:00+00	2026-05-14 10:09:05.404198+00	98846a2d-d291-4548-9ebc-2223b128b572	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	31	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-04-08 07:10:00+00	2026-05-14 10:09:05.43393+00	12f0ff34-f17a-44e7-8134-5ed2a786cf5c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-04-14 07:10:00+00	2026-05-14 10:09:05.461265+00	6378a86b-2c25-45ba-9444-cb5c8d8419ae	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	33	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-04-20 07:10:00+00	2026-05-14 10:09:05.501814+00	b2221404-3381-45c5-b18c-e30f1d57343e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	34	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-04-26 07:10:00+00	2026-05-14 10:09:05.530716+00	fb32e4f7-0e38-4c36-9de5-dfa4d364afe9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-05-02 07:10:00+00	2026-05-14 10:09:05.558814+00	a1b4bde3-e393-4c13-8a95-388f315d502e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	36	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-05-08 07:10:00+00	2026-05-14 10:09:05.586984+00	aebef126-868d-4d28-8982-656f21d53b74	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	37	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-19 08:10:00+00	2026-05-14 10:09:05.708847+00	e2b446c5-f152-4c3e-b6b5-033beefe76de	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	38	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-23 08:10:00+00	2026-05-14 10:09:05.738973+00	4a0ace28-fb97-4a11-9e18-5bd84774bc8a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	39	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-27 08:10:00+00	2026-05-14 10:09:05.769061+00	203fcf76-d7bf-48d0-8982-6b7146231860	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	40	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-30 07:10:00+00	2026-05-14 10:09:05.799929+00	667d88c4-f107-48fb-83ae-5657e49a8793	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	41	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-02 07:10:00+00	2026-05-14 10:09:05.8295+00	d4868c4d-6892-4113-8e92-db3ed5a7aa52	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	42	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-05 07:10:00+00	2026-05-14 10:09:05.858754+00	084bd9ef-6a23-45eb-a161-87ae3ce45324	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-08 07:10:00+00	2026-05-14 10:09:05.888343+00	09088967-4162-4d58-a774-ac71a3c13568	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	44	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-11 07:10:00+00	2026-05-14 10:09:05.918422+00	647641f1-b69e-4395-960b-6f9a8aeab7d1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-14 07:10:00+00	2026-05-14 10:09:05.947223+00	d15df7d9-97b6-4dc2-8adc-4d6673b96ee1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-17 07:10:00+00	2026-05-14 10:09:05.977277+00	14c8dd2a-e269-4d6b-9e64-b5a31dac7e81	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-20 07:10:00+00	2026-05-14 10:09:06.005271+00	2a5645c0-aeac-4ac8-ba6c-511131bfd422	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	48	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-23 07:10:00+00	2026-05-14 10:09:06.049298+00	483a589d-737b-410c-8a87-84f898666981	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	49	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-26 07:10:00+00	2026-05-14 10:09:06.079107+00	fbd21f88-3927-47c3-ae2b-0a94eb6d2a37	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	50	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-29 07:10:00+00	2026-05-14 10:09:06.106058+00	cdac5d16-622c-40ac-8870-4da0f623e2d4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	51	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-05-02 07:10:00+00	2026-05-14 10:09:06.13505+00	2a1d5ca2-70a8-40c1-8db4-ba20a3ed233e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	52	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-05-05 07:10:00+00	2026-05-14 10:09:06.192988+00	df257787-777e-4ef4-bfc1-0205471eb356	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	53	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-05-08 07:10:00+00	2026-05-14 10:09:06.224462+00	fab7aed5-3ae0-47b3-9c1a-84379b6ed7e8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-05-11 07:10:00+00	2026-05-14 10:09:06.256107+00	eae7051e-250d-489a-8090-83f5517f7253	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	55	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-03-19 08:10:00+00	2026-05-14 10:09:06.326671+00	50141a9e-7f8d-4468-ab78-bf2ab66f275b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	56	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-04-02 07:10:00+00	2026-05-14 10:09:06.35671+00	2bd1cc0f-4199-4971-9bc7-7bb390aece13	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	57	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-04-16 07:10:00+00	2026-05-14 10:09:06.390068+00	c64206cc-6a33-4179-b02c-710c6d22c121	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	58	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-04-29 07:10:00+00	2026-05-14 10:09:06.420818+00	758c3168-a634-4103-b720-7d9eae66adaa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	59	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-05-11 07:10:00+00	2026-05-14 10:09:06.450191+00	76c2b285-44cd-47e2-ab84-8ddafb5ef421	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-19 08:10:00+00	2026-05-14 10:09:06.62895+00	b7674be6-1fb4-40b8-8429-4ebaae30b8c3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	61	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-23 08:10:00+00	2026-05-14 10:09:06.653024+00	ab3ffdd4-e416-45d1-b2a2-2cbc2cde7a9e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-27 08:10:00+00	2026-05-14 10:09:06.686319+00	489264e8-358d-4aae-ab22-2d092b44c371	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-31 07:10:00+00	2026-05-14 10:09:06.712282+00	390846af-7bdc-40a5-8de1-e26d5d48c916	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	64	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-04 07:10:00+00	2026-05-14 10:09:06.745319+00	9db2dbe4-bd01-47b5-9b78-110c4efdc240	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	65	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-07 07:10:00+00	2026-05-14 10:09:06.774824+00	17469402-d287-49f2-88f8-b012544df2fb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	66	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-10 07:10:00+00	2026-05-14 10:09:06.806757+00	d35c90a0-6cbe-486d-ab42-aab89d342a3c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	67	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-13 07:10:00+00	2026-05-14 10:09:06.833181+00	00bc6d99-3f31-4f1c-b054-4cfa523d1a47	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	68	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-16 07:10:00+00	2026-05-14 10:09:06.850471+00	6d055496-c72e-472f-af68-a58968d58ae9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	69	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-19 07:10:00+00	2026-05-14 10:09:06.872688+00	82fe8522-6474-4412-8d3f-a27966d8b9c6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	70	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-22 07:10:00+00	2026-05-14 10:09:06.890737+00	a4bbf5d1-6f95-4e54-856a-499cb599d7d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	71	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-25 07:10:00+00	2026-05-14 10:09:06.909698+00	c9dde20b-5c1a-4b04-b97e-a99486e27406	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	72	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-28 07:10:00+00	2026-05-14 10:09:06.92888+00	bdc5e26e-f943-4581-8a43-80aa26ae5ee4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	73	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-01 07:10:00+00	2026-05-14 10:09:06.951669+00	4e4390a5-79a9-4ab0-bb28-71166c6806fb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	74	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-04 07:10:00+00	2026-05-14 10:09:06.976159+00	30851854-bad8-4f8d-8b06-27397ec7dbf4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	75	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-07 07:10:00+00	2026-05-14 10:09:06.998302+00	e4791afa-08ee-4bd8-accf-db0eea542d4c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	76	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-10 07:10:00+00	2026-05-14 10:09:07.022656+00	3028025b-ed0a-4109-9999-f9a838face90	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	77	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-13 07:10:00+00	2026-05-14 10:09:07.052449+00	830304ce-b98b-43d6-8c74-7030c09d9eeb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	78	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-18 08:10:00+00	2026-05-14 10:09:07.258615+00	ab1b9987-e1f3-4704-a08b-d634289db9a4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	79	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-24 08:10:00+00	2026-05-14 10:09:07.278665+00	bd160556-025a-470c-812e-81e3767a2766	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	80	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-30 07:10:00+00	2026-05-14 10:09:07.297699+00	4a982336-abbf-4f27-9fb7-6a5b8b84ab0c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	81	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-04-04 07:10:00+00	2026-05-14 10:09:07.323984+00	450b9452-99ea-41cc-8e49-6ce6aabdfe25	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-09 07:10:00+00	2026-05-14 10:09:07.351269+00	dda6471b-d8da-409e-98e8-1f0c804d1448	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	83	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-04-14 07:10:00+00	2026-05-14 10:09:07.372161+00	3e9cbc11-10fb-453e-b6b0-c94cbacb4dca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	84	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-18 07:10:00+00	2026-05-14 10:09:07.395071+00	ea552d76-7816-4872-bed1-3b643172d058	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	85	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-22 07:10:00+00	2026-05-14 10:09:07.414545+00	32e4b1b4-763e-43c6-b50d-50eacfc8860d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	86	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-04-24 07:10:00+00	2026-05-14 10:09:07.434272+00	7fc07d87-fed6-48a8-8f1e-17ec784e2095	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	87	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-28 07:10:00+00	2026-05-14 10:09:07.45844+00	973b7e10-7517-46c4-9e92-9b817d34810f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	88	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-05-02 07:10:00+00	2026-05-14 10:09:07.481024+00	b737f7d8-c8ec-4081-b147-b6f362f698db	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	89	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-05-04 07:10:00+00	2026-05-14 10:09:07.502757+00	fa3deae2-859e-4c2c-a96b-4d5b4f462489	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-05-07 07:10:00+00	2026-05-14 10:09:07.529533+00	7def8b2f-e264-48be-84f4-0d0bb28ff24c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	91	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-05-10 07:10:00+00	2026-05-14 10:09:07.551002+00	4372dce9-f3d0-4477-81bd-1b3f4c04ac2c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-05-13 07:10:00+00	2026-05-14 10:09:07.574019+00	9c874587-8a3c-4f7f-92e4-5e497e045b70	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	93	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-19 08:10:00+00	2026-05-14 10:09:07.615242+00	46dfcb24-05a3-43d6-9632-02ccc42605a0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	94	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-25 08:10:00+00	2026-05-14 10:09:07.63619+00	d0fae86e-50e6-4953-b237-518d525145c6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-31 07:10:00+00	2026-05-14 10:09:07.65797+00	f2f5d387-ded0-4273-9d9a-b3b325fa013a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-05 07:10:00+00	2026-05-14 10:09:07.680119+00	c450fc63-dc73-4999-bc7d-1f85a65cd106	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	97	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-10 07:10:00+00	2026-05-14 10:09:07.699284+00	dc6f5604-c99e-4fd0-8e13-f126f1a7123b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-15 07:10:00+00	2026-05-14 10:09:07.724718+00	4e4d4f87-6201-418c-bf15-fe015dcf7140	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	99	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-04-19 07:10:00+00	2026-05-14 10:09:07.767477+00	4e98330d-e4d1-429c-b840-4c2eba733ad0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	100	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-23 07:10:00+00	2026-05-14 10:09:07.791457+00	47338693-abe3-459b-8fe6-5c7d4cabcea1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	101	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-27 07:10:00+00	2026-05-14 10:09:07.810318+00	18178f62-eae5-4db7-b868-d6f3631055b2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	102	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-05-01 07:10:00+00	2026-05-14 10:09:07.832316+00	4de0258c-96d4-44f1-a96a-f4caea97a7c7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	103	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-04-29 07:10:00+00	2026-05-14 10:09:07.852249+00	729721f2-a8b1-4f48-b3ae-a4f954db3bc6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	104	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-05-05 07:10:00+00	2026-05-14 10:09:07.874255+00	96fc782f-1fb1-4938-a6dd-61e869bf5796	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	105	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-05-08 07:10:00+00	2026-05-14 10:09:07.894871+00	cc700201-064e-4dfe-85c7-9f2de7f58127	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	106	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-05-09 07:10:00+00	2026-05-14 10:09:07.91799+00	1571cbe2-14bc-470f-8a53-52a2e2c45b15	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	107	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-05-12 07:10:00+00	2026-05-14 10:09:07.944919+00	4b724867-88ee-4ec9-9e17-c95f7d2fbe3b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	108	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-19 08:10:00+00	2026-05-14 10:09:08.001578+00	61d03ad5-a0a6-4999-8a3c-1617d41693b2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	109	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-23 08:10:00+00	2026-05-14 10:09:08.030681+00	0f0561f0-7577-45eb-a454-e17e98028888	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	110	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-27 08:10:00+00	2026-05-14 10:09:08.047472+00	a3ee4a24-85a2-4ce1-bcd0-ebc747f9907e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	111	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-03-31 07:10:00+00	2026-05-14 10:09:08.065488+00	81b08820-ca15-465b-82a2-16d7200002bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	112	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-03 07:10:00+00	2026-05-14 10:09:08.088939+00	bf63cd7f-cb49-4fa6-a9a0-35f312dd4d59	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	113	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-06 07:10:00+00	2026-05-14 10:09:08.106923+00	2d1fb634-ebf9-4180-8058-465d238fb5a2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	114	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-09 07:10:00+00	2026-05-14 10:09:08.126035+00	e133dcb3-3bb9-4701-ade8-cc38d5fe7d80	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	115	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-10 07:10:00+00	2026-05-14 10:09:08.145759+00	047277db-80ec-44e4-80fb-aee13779b7c8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	116	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-13 07:10:00+00	2026-05-14 10:09:08.168978+00	68db6acf-1f9e-4838-a156-4e4deb7f09d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	117	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-16 07:10:00+00	2026-05-14 10:09:08.189195+00	35bb1f70-e601-4baa-8fac-3abb837bc31a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	118	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-19 07:10:00+00	2026-05-14 10:09:08.207791+00	15fe2100-785b-4fce-b0ba-159ab6ef3d9f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	119	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-20 07:10:00+00	2026-05-14 10:09:08.226101+00	dd93154f-b0a7-48e5-88c5-7b511029af68	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	120	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-23 07:10:00+00	2026-05-14 10:09:08.24691+00	1c85a939-a4f0-4022-bbd9-726cd430375f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	121	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-25 07:10:00+00	2026-05-14 10:09:08.273028+00	24ea0926-9354-4c0e-b4e3-b94d7f2fdee6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	122	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-27 07:10:00+00	2026-05-14 10:09:08.29794+00	d6fc672a-3dce-4938-aa03-27aae0a80aa0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	123	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-29 07:10:00+00	2026-05-14 10:09:08.317815+00	92e2bc4d-7a1c-4552-bf85-33c15747ee90	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	124	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-30 07:10:00+00	2026-05-14 10:09:08.336077+00	1a000574-97b1-484b-b0b7-d2771b4f00d0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	125	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-02 07:10:00+00	2026-05-14 10:09:08.359288+00	a2268fb5-04e4-49ed-ab26-c4c10089d497	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	126	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-04 07:10:00+00	2026-05-14 10:09:08.381541+00	e340fc54-5cc7-4862-a5e3-a56b793c5a7e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	127	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-06 07:10:00+00	2026-05-14 10:09:08.400582+00	966407a1-3ded-4a8e-a1b5-36673f54a116	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	128	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-08 07:10:00+00	2026-05-14 10:09:08.419632+00	e80dda1d-f96d-4d5e-831a-56a18e6bbf35	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	129	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-05-10 07:10:00+00	2026-05-14 10:09:08.438011+00	506e18f0-00b0-4ce0-bcfd-31f15a099dd2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	130	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-12 07:10:00+00	2026-05-14 10:09:08.459146+00	286536c1-b57a-4d39-94bf-420f0d2b6e95	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	131	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-19 08:10:00+00	2026-05-14 10:09:08.495397+00	1eccf7f3-ac65-4908-b440-05b19a0cba36	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	132	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-23 08:10:00+00	2026-05-14 10:09:08.511573+00	1531731b-6e35-4559-aff2-37ea3a255fbe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	133	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-27 08:10:00+00	2026-05-14 10:09:08.529877+00	21ae830f-203b-48be-9e49-1ab7499df509	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	134	cc475193-1673-419f-bc72-425221774d56	feeding	2026-03-31 07:10:00+00	2026-05-14 10:09:08.549714+00	62854779-3c29-482b-86d4-194568ccd581	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	135	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-03 07:10:00+00	2026-05-14 10:09:08.571309+00	dfdf2868-95fb-4f25-aac3-30a85d7a9788	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	136	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-06 07:10:00+00	2026-05-14 10:09:08.591607+00	4618aa43-96f2-4d6c-8f95-431174eadbee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	137	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-09 07:10:00+00	2026-05-14 10:09:08.611744+00	5dd8f8ec-6a14-4c0e-9925-23e006efb098	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	138	cc475193-1673-419f-bc72-425221774d56	feeding	2026-04-10 07:10:00+00	2026-05-14 10:09:08.630694+00	f4c9e95e-a38a-4cea-9b2c-85d1e572fb88	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	139	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-13 07:10:00+00	2026-05-14 10:09:08.652684+00	71298984-e1cc-45cd-ab8a-6621604142a8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	140	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-16 07:10:00+00	2026-05-14 10:09:08.674649+00	c5fdea2e-d416-412d-867f-052868ff43af	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	141	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-19 07:10:00+00	2026-05-14 10:09:08.693608+00	6e3067da-7850-4ad0-abac-7cbd9f87fc64	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	142	cc475193-1673-419f-bc72-425221774d56	feeding	2026-04-20 07:10:00+00	2026-05-14 10:09:08.711047+00	17b89cfd-e04c-41ff-a324-0ad0dec2b847	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	143	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-23 07:10:00+00	2026-05-14 10:09:08.731928+00	01ec3717-5027-4acb-bd85-057a1928f09f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	144	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-26 07:10:00+00	2026-05-14 10:09:08.749878+00	2e827b92-8d3f-4fe8-ab34-70a495deb2db	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	145	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-28 07:10:00+00	2026-05-14 10:09:08.812748+00	96e80368-0f41-42b7-bc3f-b139c4c71332	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	146	cc475193-1673-419f-bc72-425221774d56	feeding	2026-04-30 07:10:00+00	2026-05-14 10:09:08.839163+00	8722e0d6-f37c-4198-a5c6-74416cad65fe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	147	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-02 07:10:00+00	2026-05-14 10:09:08.860167+00	af074471-cf48-4d25-bc28-fc794061d2f4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	148	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-04 07:10:00+00	2026-05-14 10:09:08.879057+00	f87e8f21-20c8-4b18-a15a-e95d356352b9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	149	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-06 07:10:00+00	2026-05-14 10:09:08.918085+00	931f77a0-e08b-4a4b-91ee-08df8dfb65a4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	150	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-08 07:10:00+00	2026-05-14 10:09:08.949808+00	69683e99-0c24-43bf-abf5-f6fb4a78cecb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	151	cc475193-1673-419f-bc72-425221774d56	feeding	2026-05-10 07:10:00+00	2026-05-14 10:09:08.968581+00	e70b8c5d-291c-42dc-bfa8-e650e1cb5b90	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	152	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-12 07:10:00+00	2026-05-14 10:09:08.999002+00	a0d5ff00-4252-4d4d-aedf-5d5eebd45405	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	153	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-18 08:10:00+00	2026-05-14 10:09:09.142946+00	a0a71d76-d81e-41e4-bf71-791eaa57fc54	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	154	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-23 08:10:00+00	2026-05-14 10:09:09.159183+00	3e8d0864-e50f-4ec5-951c-dc6ad9a8c883	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	155	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-27 08:10:00+00	2026-05-14 10:09:09.177102+00	213f39ab-9fb4-4d61-86a2-bb2184f349e2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	156	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-03-31 07:10:00+00	2026-05-14 10:09:09.193432+00	3f58f314-72b8-4163-b88c-b674c104255d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	157	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-04 07:10:00+00	2026-05-14 10:09:09.211227+00	4b24d071-6574-4777-9336-addc89eb00e2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	158	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-08 07:10:00+00	2026-05-14 10:09:09.228302+00	bd97bcd2-0918-4080-bf39-62c6755d545b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	159	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-11 07:10:00+00	2026-05-14 10:09:09.245667+00	0dba25f2-9c4a-40a2-9b67-261f3b1ba870	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	160	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-04-14 07:10:00+00	2026-05-14 10:09:09.264166+00	b53e1f82-0cf7-48db-8778-bfb8ee988419	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	161	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-17 07:10:00+00	2026-05-14 10:09:09.282614+00	2d047da4-1f2e-4442-ba99-a37328d93c30	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	162	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-20 07:10:00+00	2026-05-14 10:09:09.301137+00	9edb5f6a-e266-49ef-b287-5f09e221f64f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	163	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-23 07:10:00+00	2026-05-14 10:09:09.320078+00	0e989f50-1ad7-4c2f-b612-dbd41521f273	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	164	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-04-26 07:10:00+00	2026-05-14 10:09:09.337327+00	5d88a76e-4e5d-422f-a2c3-c5a9bc109f7d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	165	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-29 07:10:00+00	2026-05-14 10:09:09.355615+00	69e7a671-86f1-4f58-894b-774e72a73a78	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	166	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-02 07:10:00+00	2026-05-14 10:09:09.372023+00	80bfd173-fb0e-40f5-b388-575b12a753e5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	167	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-05 07:10:00+00	2026-05-14 10:09:09.392109+00	5feb999c-4683-4170-b5d0-9eba9389afa0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	168	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-05-08 07:10:00+00	2026-05-14 10:09:09.411617+00	e50bfe29-4620-4866-b8f2-7701972efc80	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	169	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-10 07:10:00+00	2026-05-14 10:09:09.430396+00	af9ee813-f373-4c6c-a82d-f4c590823279	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	170	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-12 07:10:00+00	2026-05-14 10:09:09.446138+00	9780058b-ec97-4f6f-8fcd-6034568dc676	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	171	260aa628-be79-4a1e-ac1d-bf769dfce4c8	note	2026-05-09 11:00:00+00	2026-05-14 10:09:09.501001+00	d98b1540-656c-4f5f-9121-b84f17aaf88d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	172	2530db15-032d-44b5-b5b7-c0be2619e8cc	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.50926+00	03e5d87b-e82a-498a-88e7-170cc98b14d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	173	cfc15d41-6009-4d5e-b378-e93694ebb1d1	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.528024+00	eb37195d-6bd9-42df-96f6-7535fab6d514	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	174	260aa628-be79-4a1e-ac1d-bf769dfce4c8	tending	2026-05-12 11:00:00+00	2026-05-14 10:09:09.54206+00	d37cf10b-6f50-4145-b11f-23617068ab3d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	175	0d168206-6ec2-4b63-ace9-02b1c8d55c66	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.554136+00	43ad4271-043c-4873-95be-b9faa6961856	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	176	cc475193-1673-419f-bc72-425221774d56	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.571792+00	1d0b0b06-f3d7-4102-915e-1294147c08ac	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	177	260aa628-be79-4a1e-ac1d-bf769dfce4c8	tending	2026-05-12 11:00:00+00	2026-05-14 10:09:09.589001+00	30ce7892-3322-4ec3-8e3d-b8328adc3607	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	178	050bcb27-8bf2-4140-88f4-f894a693619a	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.601617+00	5f849d8a-a2bf-46b9-b7c9-da17155606f2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	179	2530db15-032d-44b5-b5b7-c0be2619e8cc	tending	2026-05-12 11:00:00+00	2026-05-14 10:09:09.619005+00	94739450-746c-4a84-9eee-0a6a82b2b8da	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	180	5c05fc83-edf0-4180-887b-e2b8c6ba608c	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.632371+00	e0a4610d-6c78-4efe-b169-ee5c2f83e590	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	181	b3c142b1-b98b-4340-ba52-896ba6d43f52	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.653542+00	b249a156-fc58-4f0a-9c57-ae09b24a14f2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	182	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	tending	2026-05-12 11:00:00+00	2026-05-14 10:09:09.667918+00	c35161fa-3b1c-43aa-a2e0-d439aa53ab81	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	183	cfc15d41-6009-4d5e-b378-e93694ebb1d1	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.679498+00	3c5a09bb-ea4a-4a5e-99f0-9f7bc01c3e9a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	184	888617e8-b1d6-4e02-b5eb-ac58c3a73722	tending	2026-05-12 11:00:00+00	2026-05-14 10:09:09.693502+00	29c3d696-2780-4457-9e6f-e1aa403edc69	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	185	d7b06259-d864-4c9d-8801-b5783f4474f9	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.709812+00	47e28c2f-9c9d-4e16-8acf-19897827e1a1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	186	0d168206-6ec2-4b63-ace9-02b1c8d55c66	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.72592+00	5f5058de-3bb9-4cc1-afbd-0f0b822979d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	187	b3c142b1-b98b-4340-ba52-896ba6d43f52	tending	2026-05-12 11:00:00+00	2026-05-14 10:09:09.744136+00	9ef66c64-8d2c-4c3b-bbea-2434bab30954	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	188	cc475193-1673-419f-bc72-425221774d56	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.761628+00	8acaa9d0-f566-4145-a5a1-bd79c120799d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	189	0d168206-6ec2-4b63-ace9-02b1c8d55c66	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.77586+00	23377db9-e8ef-4cec-9160-37857a448186	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	190	cc475193-1673-419f-bc72-425221774d56	tending	2026-05-11 11:00:00+00	2026-05-14 10:09:09.790483+00	429e393d-c0b5-4a45-9623-caee9f1b9f98	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	191	d7b06259-d864-4c9d-8801-b5783f4474f9	tending	2026-05-10 11:00:00+00	2026-05-14 10:09:09.808585+00	9ceb212f-01e1-4dd0-a788-0b6a15b2033b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	192	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-03-26 08:10:00+00	2026-05-14 10:09:09.843195+00	8197407d-2f37-4d0a-a437-b6f71c0d9365	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	193	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-04-10 07:10:00+00	2026-05-14 10:09:09.888401+00	634603e8-23fb-4af6-bd6d-292d6d00ab8f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	194	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-04-25 07:10:00+00	2026-05-14 10:09:09.905294+00	3cd7686b-d374-4a66-8f39-dd00a05f1b1a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	195	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-05-10 07:10:00+00	2026-05-14 10:09:09.921729+00	b4afd3bb-dbc6-41fa-af7f-103479eb666d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	196	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-04-20 07:10:00+00	2026-05-14 10:09:09.941797+00	98ad1a4a-cef6-47df-84c9-a229eab58651	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	197	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	reading	2026-04-25 07:10:00+00	2026-05-14 10:09:09.959492+00	686ac475-74b3-4f73-8252-4bef13374bd0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	198	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	reading	2026-05-10 07:10:00+00	2026-05-14 10:09:09.975651+00	e141bb56-48b9-4787-bfdf-20dd26ef91c8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	199	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2026-04-10 07:10:00+00	2026-05-14 10:09:09.992364+00	7eb040b2-da05-49d8-a7a5-c0c3fac4fac3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	200	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2026-04-25 07:10:00+00	2026-05-14 10:09:10.010822+00	9d0552e7-1db0-45b7-a10d-18df0b774dd0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	201	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2026-05-10 07:10:00+00	2026-05-14 10:09:10.031264+00	532400e0-7bbc-41a7-baa1-c6613663b715	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	202	cc475193-1673-419f-bc72-425221774d56	reading	2026-05-10 07:10:00+00	2026-05-14 10:09:10.054285+00	47ed1835-9d9a-4341-8667-790bc3e51f1a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	203	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-03-11 08:10:00+00	2026-05-14 10:09:10.076076+00	ff7b4a50-f03f-499a-aa6e-c686f7efe3f5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	204	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-03-26 08:10:00+00	2026-05-14 10:09:10.096708+00	56de0bd3-2614-43b6-94e4-7a3779b232ac	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	205	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-04-10 07:10:00+00	2026-05-14 10:09:10.123128+00	135b7240-4191-4e9e-9114-e45b9a227b6d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	206	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-04-25 07:10:00+00	2026-05-14 10:09:10.147744+00	17a6df9f-bea3-4434-981c-07924d013954	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	207	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-05-10 07:10:00+00	2026-05-14 10:09:10.172257+00	f5f40aab-20c3-4cc6-8e6c-bb8c9a76aa43	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	208	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2026-03-26 08:10:00+00	2026-05-14 10:09:10.193845+00	d49cdee3-02c6-44d7-9baa-0a4ca03ea4bc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	209	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2026-04-10 07:10:00+00	2026-05-14 10:09:10.212364+00	fea2fac8-df42-48ec-9780-a974c149d9d6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	210	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2026-04-25 07:10:00+00	2026-05-14 10:09:10.227114+00	7c187f28-6e27-4033-897b-2ad6eeca06f5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	211	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2026-05-10 07:10:00+00	2026-05-14 10:09:10.242405+00	0f9d28cb-8ba3-46aa-8978-c56a6ab44908	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	212	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:22.501168+00	98c8cdf8-9602-4d0b-b781-e81e06e4500c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	213	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-05-20 11:00:00+00	2026-05-14 10:09:22.607843+00	f90aaa30-feb1-4daf-9230-a0b96c6fcbe5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	214	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-05-25 11:00:00+00	2026-05-14 10:09:22.659786+00	608b4bdd-1922-489e-b6df-0857964743ae	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	215	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-06-01 11:00:00+00	2026-05-14 10:09:22.71009+00	a5280fa7-c1f4-4ace-8bad-59d0c23d0514	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	216	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-06-06 11:00:00+00	2026-05-14 10:09:22.773655+00	d26f66d0-6511-46b0-a8ae-25a6c5a7c281	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	217	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-06-11 11:00:00+00	2026-05-14 10:09:22.840022+00	1bf07d12-10b7-4ffd-a9ce-e227300ede79	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	218	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-06-17 11:00:00+00	2026-05-14 10:09:22.902638+00	bdf00624-4741-42c2-9042-7b1fbfe25ed0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	219	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-06-22 11:00:00+00	2026-05-14 10:09:22.960276+00	4fee002e-6948-48b8-82ad-294cca3c9336	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	220	050bcb27-8bf2-4140-88f4-f894a693619a	correction	2025-06-22 11:00:00+00	2026-05-14 10:09:23.018772+00	eec26345-3ea3-47ac-822c-218b91017874	219	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	221	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-06-27 11:00:00+00	2026-05-14 10:09:23.076171+00	a288798b-e6b5-4d61-aefb-18cdcc66437f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	222	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-07-02 11:00:00+00	2026-05-14 10:09:23.117975+00	d17b99dd-fff6-47ff-bb25-2e2f5be45aab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	223	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-07-07 11:00:00+00	2026-05-14 10:09:23.174027+00	97019dcf-2aa5-4bde-84b5-d02256d6651b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	224	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-07-14 11:00:00+00	2026-05-14 10:09:23.217755+00	42de542f-5d85-4be1-a288-7a700f6fa12d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	225	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-07-21 11:00:00+00	2026-05-14 10:09:23.259994+00	42df616d-64d8-4194-a54b-63da23ad1643	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	226	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-07-26 11:00:00+00	2026-05-14 10:09:23.30618+00	1846f7c7-ad72-4b88-aec1-3332cbd744ca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	227	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-07-31 11:00:00+00	2026-05-14 10:09:23.35086+00	eabab29d-8188-48fd-a3fc-2c5e45d3e6de	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	228	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-08-07 11:00:00+00	2026-05-14 10:09:23.401141+00	15d65e29-2090-4b82-91a9-bd9f70359e40	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	229	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-08-12 11:00:00+00	2026-05-14 10:09:23.444204+00	87aa97c5-db45-4635-8268-a1a2d19887c5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	230	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-08-17 11:00:00+00	2026-05-14 10:09:23.483778+00	dfd87487-863d-4a44-b1de-b0bafa9869e3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	231	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-08-22 11:00:00+00	2026-05-14 10:09:23.532124+00	92d86d93-5e07-45b2-abb6-789bd592372c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	232	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-08-27 11:00:00+00	2026-05-14 10:09:23.576044+00	68a83bf8-c6d7-4bfb-b441-8bf7bf1f3531	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	233	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-09-03 11:00:00+00	2026-05-14 10:09:23.612233+00	bdce547d-3f63-42c3-ae42-bb6f53de8428	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	234	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-09-08 11:00:00+00	2026-05-14 10:09:23.665486+00	65f6c9d1-3246-47ae-8009-91fb4ce696e1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	235	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-09-13 11:00:00+00	2026-05-14 10:09:23.711039+00	08ef6b71-9b90-45a2-abfc-5f931bc5698b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	236	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-09-18 11:00:00+00	2026-05-14 10:09:23.749845+00	355a0111-4705-4627-a78b-83f802909189	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	237	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-09-24 11:00:00+00	2026-05-14 10:09:23.798557+00	047efaec-86ce-44ad-a283-021f7f58654f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	238	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-10-01 11:00:00+00	2026-05-14 10:09:23.842159+00	861f7ce1-c09b-4ce9-ba6f-0d29e5cdf53d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	239	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-10-06 11:00:00+00	2026-05-14 10:09:23.88424+00	ef46275b-e28b-4a89-a387-9d73e742e6de	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	240	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-10-11 11:00:00+00	2026-05-14 10:09:23.93585+00	25f845b0-c1de-4be1-a818-177047dac354	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	241	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-10-17 11:00:00+00	2026-05-14 10:09:23.988594+00	9bd943e3-db71-479c-bd37-f2ad080ae00e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	242	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-10-22 11:00:00+00	2026-05-14 10:09:24.031123+00	5c9de14f-bed5-4992-81c6-3246a3de0a35	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	243	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-10-27 12:00:00+00	2026-05-14 10:09:24.084887+00	1e928ab4-84e6-438e-acb3-4f39dfeec3a8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	244	050bcb27-8bf2-4140-88f4-f894a693619a	correction	2025-10-27 12:00:00+00	2026-05-14 10:09:24.130506+00	c72dcc1f-c9d2-4035-9b05-917408d4a822	243	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	245	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-11-01 12:00:00+00	2026-05-14 10:09:24.178438+00	9e125170-8a3a-4705-bd4f-62ec67dfd743	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	246	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-11-06 12:00:00+00	2026-05-14 10:09:24.221885+00	184be41a-35c4-4ab6-a228-9d666dd7f270	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	247	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-11-11 12:00:00+00	2026-05-14 10:09:24.264755+00	55d0b524-8042-4094-998e-a1f7cbd726fe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	248	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-11-16 12:00:00+00	2026-05-14 10:09:24.299726+00	eb8b404e-1341-47a3-ba79-fd66d928dffb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	249	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-11-21 12:00:00+00	2026-05-14 10:09:24.34203+00	1ab2eb34-d9e5-4581-847c-22b838183533	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	250	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-11-28 12:00:00+00	2026-05-14 10:09:24.390092+00	6a771bf9-ddb8-4716-a230-46f5ff924c77	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	251	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-12-05 12:00:00+00	2026-05-14 10:09:24.424268+00	68bc67d4-83d5-4fd2-8857-72d426f430a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	252	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-12-11 12:00:00+00	2026-05-14 10:09:24.461644+00	afe9062f-d413-4dc5-97f5-a5999047323c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	253	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-12-18 12:00:00+00	2026-05-14 10:09:24.508898+00	33549edd-becf-44c4-ab8a-83f26eba0b47	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	254	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2025-12-25 12:00:00+00	2026-05-14 10:09:24.554908+00	43c11836-130c-4337-9953-c5a65ae4c4f5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	255	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2025-12-31 12:00:00+00	2026-05-14 10:09:24.595583+00	23a060dd-4a4d-4e6b-8124-5a1752f4cf2d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	256	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-01-05 12:00:00+00	2026-05-14 10:09:24.648011+00	970fb0e7-68ec-45b2-95f9-993bf3a57dc4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	257	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-01-10 12:00:00+00	2026-05-14 10:09:24.701757+00	ea49ed0d-3197-49a3-8109-289fc8388a9f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	258	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-01-15 12:00:00+00	2026-05-14 10:09:24.768068+00	797f37ff-5151-47f4-bf43-760453e87097	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	259	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-01-20 12:00:00+00	2026-05-14 10:09:24.818927+00	38eb28b2-6cc2-4f00-b26b-73895661b303	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-01-26 12:00:00+00	2026-05-14 10:09:24.869444+00	f8eff76e-f8c4-4a04-b303-83581adac626	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	262	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-02-08 12:00:00+00	2026-05-14 10:09:24.971627+00	b3ba3af0-9364-40d6-82ba-8a3ce871a2fa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	263	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-02-15 12:00:00+00	2026-05-14 10:09:25.024574+00	1e52c63c-4873-4aac-9d7d-a10c586a4250	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	264	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-02-20 12:00:00+00	2026-05-14 10:09:25.075395+00	04782218-3ba5-41f4-b6f4-a2a2d00393dc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	265	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-02-25 12:00:00+00	2026-05-14 10:09:25.129543+00	ced15d2e-1dea-4901-a59a-54cedee70184	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	266	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-03-04 12:00:00+00	2026-05-14 10:09:25.180625+00	b33f3be7-1501-4902-aca5-4a08a2e03bbb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	267	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-03-09 12:00:00+00	2026-05-14 10:09:25.256803+00	4b96fcf8-1bfc-47f5-affb-2b6f8d6eaaab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	268	050bcb27-8bf2-4140-88f4-f894a693619a	correction	2026-03-09 12:00:00+00	2026-05-14 10:09:25.309873+00	d693aac7-f16a-4bd0-8206-cae76818ecfb	267	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	269	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-03-15 12:00:00+00	2026-05-14 10:09:25.359286+00	108a29f1-67c0-45f7-9e89-9ba287b9daf1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	270	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-03-20 12:00:00+00	2026-05-14 10:09:25.410593+00	6084568d-8480-4b0c-8b42-599f1e42ab8d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	272	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-03 11:00:00+00	2026-05-14 10:09:25.533364+00	96bbf886-db12-4bf5-a974-54fad28a0b1f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	273	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-08 11:00:00+00	2026-05-14 10:09:25.576762+00	e0e0e32c-04cc-4dc6-89c6-9f5ddc729f8a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	274	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-04-14 11:00:00+00	2026-05-14 10:09:25.626101+00	c8359dba-a1a7-4a24-8381-5b341ea6d8e5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	275	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-20 11:00:00+00	2026-05-14 10:09:25.676488+00	29dd19e6-eb1b-4e62-ad4d-02600f654c5d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	276	050bcb27-8bf2-4140-88f4-f894a693619a	watering	2026-04-26 11:00:00+00	2026-05-14 10:09:25.727312+00	0328780a-2b65-4739-a0a0-245aa9d19b9c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	277	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-05-03 11:00:00+00	2026-05-14 10:09:25.775154+00	b8831ed2-bd20-4e0e-b944-56e761aef279	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	278	050bcb27-8bf2-4140-88f4-f894a693619a	note	2026-04-14 11:00:00+00	2026-05-14 10:09:25.836964+00	37c388aa-0482-491c-9843-c962dda4d17f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	279	050bcb27-8bf2-4140-88f4-f894a693619a	note	2026-01-14 12:00:00+00	2026-05-14 10:09:25.86287+00	9cc90a99-65b7-412f-96cf-26e363ba81f9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	280	050bcb27-8bf2-4140-88f4-f894a693619a	note	2025-10-16 11:00:00+00	2026-05-14 10:09:25.88062+00	42fa827d-c263-4235-b66b-47e89754c388	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	282	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:25.917474+00	618754a2-600e-4439-9857-33323bf97c68	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	283	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-05-20 11:00:00+00	2026-05-14 10:09:25.954851+00	945b9f2e-1c6e-4e96-8e7b-d32e15fbe033	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	284	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-05-26 11:00:00+00	2026-05-14 10:09:25.994054+00	6e27e3da-21c0-4c8e-b6e2-bc62bc69318b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	285	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-06-02 11:00:00+00	2026-05-14 10:09:26.043071+00	bee1d875-0928-4105-8bb2-d10747ce777f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	286	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-06-10 11:00:00+00	2026-05-14 10:09:26.101+00	96edb03b-fa11-406a-8729-b314780988a6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	287	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-06-16 11:00:00+00	2026-05-14 10:09:26.139606+00	0d013c8e-e490-4253-a068-17303a537738	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	288	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-06-23 11:00:00+00	2026-05-14 10:09:26.178212+00	9963d260-fcfb-42cc-9aa4-ff9db37a60d6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	289	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-07-01 11:00:00+00	2026-05-14 10:09:26.214295+00	8d206ceb-3f69-4b96-a4e9-d3e70190a174	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	290	cfc15d41-6009-4d5e-b378-e93694ebb1d1	correction	2025-07-01 11:00:00+00	2026-05-14 10:09:26.254965+00	3190c769-d730-4660-bba0-6c1063eed9f9	289	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	292	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-07-16 11:00:00+00	2026-05-14 10:09:26.32582+00	aca17c65-0d21-46c1-8834-3cfd0144fec9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	293	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-07-23 11:00:00+00	2026-05-14 10:09:26.357535+00	141dac93-7657-4fca-a62b-e4de1378254d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	294	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-07-29 11:00:00+00	2026-05-14 10:09:26.391863+00	6fd3f881-c17b-4ea3-9530-50c0b6d1faad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	295	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-08-06 11:00:00+00	2026-05-14 10:09:26.419766+00	5a117517-adc1-4bbb-aa17-684841ce103d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	296	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-08-13 11:00:00+00	2026-05-14 10:09:26.461201+00	1e1fcc96-4e43-451a-9045-0736717ef3c4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	297	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-08-19 11:00:00+00	2026-05-14 10:09:26.503686+00	5e3ca116-25d6-4784-9fce-5d9db95d005c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	298	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-08-27 11:00:00+00	2026-05-14 10:09:26.543437+00	f1db79c2-627c-4b59-84d0-0935fa2da31c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	299	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-09-02 11:00:00+00	2026-05-14 10:09:26.56975+00	a8558e69-9852-4600-ae8c-7a9244afaf9e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	300	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-09-08 11:00:00+00	2026-05-14 10:09:26.596264+00	63f9da07-43d5-4ac9-9d7b-51a82aad15d2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	302	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-09-21 11:00:00+00	2026-05-14 10:09:26.651516+00	df5be3a3-7991-4982-9940-10a676f75262	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	303	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-09-27 11:00:00+00	2026-05-14 10:09:26.677947+00	98afec87-198d-4812-baa7-490806a22c73	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	304	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-10-05 11:00:00+00	2026-05-14 10:09:26.707774+00	0faaf4d6-cb9c-4b73-8a56-669b6e30a2e9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	305	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-10-13 11:00:00+00	2026-05-14 10:09:26.743727+00	39b3290b-c090-459e-b74f-201311d2a5b6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	306	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-10-19 11:00:00+00	2026-05-14 10:09:26.783976+00	cb17dd41-a15a-4a0a-a070-bf436ce16d36	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	307	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-10-25 11:00:00+00	2026-05-14 10:09:26.817143+00	eece3427-6d71-4f59-8a45-72524c8e3bb2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	308	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-11-02 12:00:00+00	2026-05-14 10:09:26.869214+00	30091f65-f295-4915-936a-e05f36199cf7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	309	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-11-10 12:00:00+00	2026-05-14 10:09:26.900794+00	e40ad891-64e3-47c6-a192-73dcb3afb5ea	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	310	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-11-17 12:00:00+00	2026-05-14 10:09:26.933701+00	f3ea2b33-141f-47f1-bc8f-7482be6f3ac4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	312	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-12-01 12:00:00+00	2026-05-14 10:09:27.008469+00	57e5d174-2853-4b65-ac37-f2c49388890c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	313	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-12-08 12:00:00+00	2026-05-14 10:09:27.045256+00	4c6e4601-6770-4708-a822-660c7423f619	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	314	cfc15d41-6009-4d5e-b378-e93694ebb1d1	correction	2025-12-08 12:00:00+00	2026-05-14 10:09:27.081554+00	b4da238e-97b1-42ca-815e-3203d053f221	313	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	315	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-12-16 12:00:00+00	2026-05-14 10:09:27.106762+00	4d8f52b1-0fd0-4b29-94fd-96d4e91d20a8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	316	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-12-24 12:00:00+00	2026-05-14 10:09:27.137455+00	5936a722-88b2-446c-99eb-010ffb765b8c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	317	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-12-30 12:00:00+00	2026-05-14 10:09:27.195204+00	2a08fc96-1d03-413a-984f-97ca985f767a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	318	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-01-05 12:00:00+00	2026-05-14 10:09:27.233272+00	deda845a-a578-4019-a614-c87b23521d18	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	319	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-01-11 12:00:00+00	2026-05-14 10:09:27.283509+00	6e769eba-471b-4167-bbff-894e9fb08868	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	320	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-01-17 12:00:00+00	2026-05-14 10:09:27.32059+00	436d5ecf-dba6-4298-bdba-2b8a20700bb5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	322	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-01-29 12:00:00+00	2026-05-14 10:09:27.391628+00	b9b7b360-f3c2-4595-96de-51d5600914ca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	323	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-02-04 12:00:00+00	2026-05-14 10:09:27.431674+00	436a08da-1ce4-41ff-92f4-fa69d9fd2d25	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	261	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-02-02 12:00:00+00	2026-05-14 10:09:24.922288+00	4609ed47-b209-46d4-969a-d0a84877b27a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	271	050bcb27-8bf2-4140-88f4-f894a693619a	feeding	2026-03-27 12:00:00+00	2026-05-14 10:09:25.469971+00	ae0b0f5f-71e2-48fe-811c-51a14bc5a2a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	281	050bcb27-8bf2-4140-88f4-f894a693619a	note	2025-07-18 11:00:00+00	2026-05-14 10:09:25.896871+00	62ade05e-6bfc-4cc6-8d2d-ff3534979ced	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	291	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2025-07-08 11:00:00+00	2026-05-14 10:09:26.284568+00	7afd4ca6-327b-4292-a2ea-e7db6ed1102f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	301	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-09-15 11:00:00+00	2026-05-14 10:09:26.625727+00	2f6ad0e4-3088-45c0-9a96-be1b25103d74	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	311	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2025-11-23 12:00:00+00	2026-05-14 10:09:26.975552+00	cf300d88-a63b-4645-bc12-61ff33dee12d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	321	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-01-23 12:00:00+00	2026-05-14 10:09:27.353497+00	a47e16a7-a0e0-4244-9eb4-a47a413f9039	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	331	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-03-29 11:00:00+00	2026-05-14 10:09:27.697558+00	cc37c0fe-6ea2-437d-bd5d-c0d7915cca5b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	341	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:27.946485+00	16e14436-db5f-4afd-b08d-8d8c81123538	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	360	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-12-08 12:00:00+00	2026-05-14 10:09:28.602518+00	a880b7d1-e4a2-46f5-97bf-db9d85036517	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	370	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-04-07 11:00:00+00	2026-05-14 10:09:28.967526+00	987e6a60-0b0f-4f24-871e-af71603f9b3c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	380	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-05-20 11:00:00+00	2026-05-14 10:09:29.254723+00	bf23359d-b60e-4cd3-a8d3-f63bacfba2df	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	390	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-06-20 11:00:00+00	2026-05-14 10:09:29.592389+00	dc3559bb-0b29-4342-aa83-fd80e2145fe9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	400	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-07-24 11:00:00+00	2026-05-14 10:09:29.925428+00	6d9223e6-162e-4126-a6f6-0b09d5fa7591	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	410	b3c142b1-b98b-4340-ba52-896ba6d43f52	correction	2025-08-29 11:00:00+00	2026-05-14 10:09:30.331444+00	c25a989c-2bd9-483d-90c2-1bba0e362fd8	409	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	420	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-10-04 11:00:00+00	2026-05-14 10:09:30.730568+00	0271ab94-d7af-43c4-8cd4-c8b4e10932ee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	430	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-11-10 12:00:00+00	2026-05-14 10:09:31.146786+00	269ebb84-9eae-40fa-a9f7-f7f186ec5c25	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	440	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-12-16 12:00:00+00	2026-05-14 10:09:31.556516+00	d1e829d9-ea56-4d0c-9d6d-3a9ac7b6ac5a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	450	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-01-20 12:00:00+00	2026-05-14 10:09:32.002012+00	33bee4a5-d467-4ff5-b336-240515fd583a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	460	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-02-20 12:00:00+00	2026-05-14 10:09:32.436739+00	72e16bae-1307-4981-aa0d-857fe0574858	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	461	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-02-24 12:00:00+00	2026-05-14 10:09:32.468819+00	cf44723a-5ac3-4fe3-829d-4a97bf1f1bc1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	471	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-04 11:00:00+00	2026-05-14 10:09:32.884002+00	64e92325-d8b9-4aaf-bb46-9a93998d597a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	481	b3c142b1-b98b-4340-ba52-896ba6d43f52	note	2026-04-14 11:00:00+00	2026-05-14 10:09:33.311758+00	00480554-a7ca-4e77-917a-663d6b3c7adc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	491	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-07-10 11:00:00+00	2026-05-14 10:09:33.563664+00	60f14d58-17ea-4042-93cd-7d7d64d9ce1a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	492	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-07-19 11:00:00+00	2026-05-14 10:09:33.593409+00	d2ae189f-128e-4ea3-a9d5-01cdb5b7c50d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	502	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-10-19 11:00:00+00	2026-05-14 10:09:33.929823+00	a5becc81-d6c9-4142-87c2-022ec8317823	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	512	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-01-26 12:00:00+00	2026-05-14 10:09:34.293506+00	cfc619bc-d24f-48a3-bb4a-40efba6f8c41	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	522	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-04-21 11:00:00+00	2026-05-14 10:09:34.66999+00	e29a224b-abcf-4e3e-b687-2d7cf55eff8a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	532	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-06-25 11:00:00+00	2026-05-14 10:09:34.914226+00	d903a8b9-383b-4912-888a-7dd49eaa9386	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	542	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-09-30 11:00:00+00	2026-05-14 10:09:35.274067+00	d873535a-f8b2-44d9-91b1-a35c4e6f3096	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	552	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-01-15 12:00:00+00	2026-05-14 10:09:35.626809+00	28678e01-35c6-4ce4-b572-27214c51e8bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	562	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-04-24 11:00:00+00	2026-05-14 10:09:35.948513+00	506eae70-7225-4c19-9afb-cde970c0309f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	572	cc475193-1673-419f-bc72-425221774d56	watering	2025-05-25 11:00:00+00	2026-05-14 10:09:36.196762+00	0d6f448c-e5e4-4e6c-9aec-2f444b3e9f1e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	573	cc475193-1673-419f-bc72-425221774d56	feeding	2025-05-28 11:00:00+00	2026-05-14 10:09:36.229168+00	779f9a45-d82f-4660-b090-4949c3047b44	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	583	cc475193-1673-419f-bc72-425221774d56	feeding	2025-06-17 11:00:00+00	2026-05-14 10:09:36.56332+00	c38977c0-4a33-4d5c-93f2-88f48a4f91e9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	593	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-11 11:00:00+00	2026-05-14 10:09:36.934509+00	b9e59430-6324-4fe3-81bb-0b820a733370	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	603	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-04 11:00:00+00	2026-05-14 10:09:37.337333+00	c5c2d6a3-8439-44d4-a500-25f6272aacba	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	613	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-31 11:00:00+00	2026-05-14 10:09:37.741158+00	568b7a73-2ccd-499d-9e4d-b6faf7bba97c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	623	cc475193-1673-419f-bc72-425221774d56	feeding	2025-09-27 11:00:00+00	2026-05-14 10:09:38.13766+00	f4b0698a-62ac-49d2-87e8-0d11842bdbaf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	633	cc475193-1673-419f-bc72-425221774d56	feeding	2025-10-21 11:00:00+00	2026-05-14 10:09:38.538927+00	fc2b71f5-deab-4c69-bcfa-e88e5da08a63	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	643	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-18 12:00:00+00	2026-05-14 10:09:38.989004+00	64366c34-e988-4a82-b55b-fc580ab7ca43	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	653	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-12 12:00:00+00	2026-05-14 10:09:39.417168+00	c516d6b8-7c7e-4ea2-b2e6-9a3e95b80bbd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	663	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-07 12:00:00+00	2026-05-14 10:09:39.896233+00	4230cd89-0642-465b-a99c-50d8626fb321	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	673	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-31 12:00:00+00	2026-05-14 10:09:40.387002+00	5b2ac746-4c66-4f20-a084-8187c1869e5c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	683	cc475193-1673-419f-bc72-425221774d56	feeding	2026-02-25 12:00:00+00	2026-05-14 10:09:40.905418+00	9ffd985c-8746-44b4-a6a9-c3c30c03932c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	693	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-24 12:00:00+00	2026-05-14 10:09:41.398705+00	b5e3a7b1-fc87-4455-b17c-bb3a6ed40880	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	703	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-15 11:00:00+00	2026-05-14 10:09:41.888746+00	2c217e7c-0edc-4bd8-84aa-4d138f840d03	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	713	cc475193-1673-419f-bc72-425221774d56	note	2025-10-16 11:00:00+00	2026-05-14 10:09:42.38218+00	fd7665d1-c97d-4747-9ae2-e0b677f496d0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	723	d094483e-165f-44be-a94d-e96dd19bc63f	correction	2025-05-30 11:00:00+00	2026-05-14 10:09:42.617577+00	c28c8358-5a39-4a21-9b89-570b16e5b8fa	722	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	733	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-06-30 11:00:00+00	2026-05-14 10:09:42.924902+00	9cf4fa22-15af-429c-bfc9-828f9d9aa3d4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	743	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-28 11:00:00+00	2026-05-14 10:09:43.28012+00	2e68c1d0-08fc-439b-ac3c-948539b97e9a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	753	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-20 11:00:00+00	2026-05-14 10:09:43.608102+00	e923880a-c32f-479a-be7a-8569dc9b131d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	763	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-09-17 11:00:00+00	2026-05-14 10:09:43.931412+00	f25868d0-3a82-4cf5-bf9e-2719ad7a36c5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	773	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-17 11:00:00+00	2026-05-14 10:09:44.320142+00	bc8afecc-8d31-4db9-8f7f-43db97d4e673	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	783	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-11-11 12:00:00+00	2026-05-14 10:09:44.770725+00	04f8be32-e450-4717-a491-4539e60636b9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	793	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-11 12:00:00+00	2026-05-14 10:09:45.217069+00	394499b7-6d1d-41ca-bf1f-75afb0c1896c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	803	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-07 12:00:00+00	2026-05-14 10:09:45.630497+00	0d8eeb0f-4025-488f-9233-085c86808fd1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	813	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-03 12:00:00+00	2026-05-14 10:09:46.049181+00	6340cd1d-176f-413d-808b-89147ab4389d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	823	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-03 12:00:00+00	2026-05-14 10:09:46.50279+00	2054ee4e-226b-4032-b9b8-efbe0a5efd1d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	833	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-03-31 11:00:00+00	2026-05-14 10:09:46.98555+00	d4e0c151-a14d-41e1-b6b5-5cbcb76fc7c9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	843	d094483e-165f-44be-a94d-e96dd19bc63f	correction	2026-04-21 11:00:00+00	2026-05-14 10:09:47.477203+00	07367764-9614-45e5-a190-cad783387e7d	842	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	324	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-02-10 12:00:00+00	2026-05-14 10:09:27.465956+00	9538af1c-415c-4be7-a0d6-4c5f6d3ec3df	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	325	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-02-16 12:00:00+00	2026-05-14 10:09:27.495959+00	3a7f01e1-3d59-48e8-98ae-6d7c8660008f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	326	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-02-23 12:00:00+00	2026-05-14 10:09:27.529406+00	75203e19-7828-47fe-a5d6-c2195b26ae66	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	327	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-03-02 12:00:00+00	2026-05-14 10:09:27.564617+00	82754ebe-2584-4b80-b4aa-95811dd58d68	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	328	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-03-08 12:00:00+00	2026-05-14 10:09:27.597674+00	de0ef722-db7c-4978-912d-b917713b877b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	329	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-03-14 12:00:00+00	2026-05-14 10:09:27.62876+00	d48a1742-6f6e-4e5d-9f25-32934ba563e9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	330	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-03-22 12:00:00+00	2026-05-14 10:09:27.668865+00	a967bd6d-3d4a-4e12-b054-e04e0d01a1b0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	332	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-04-05 11:00:00+00	2026-05-14 10:09:27.740997+00	ba16e0af-75b8-478e-b86e-6f407bf8be15	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	333	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-04-11 11:00:00+00	2026-05-14 10:09:27.773412+00	2790ec26-205a-4262-b6ff-3bd3433a5eca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	334	cfc15d41-6009-4d5e-b378-e93694ebb1d1	feeding	2026-04-19 11:00:00+00	2026-05-14 10:09:27.807653+00	7fff1da8-a453-4b9f-983c-8b328d5f6d2e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	335	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-04-27 11:00:00+00	2026-05-14 10:09:27.840087+00	9f788a01-23b2-46a3-9bd7-a593f2a35d8a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	336	cfc15d41-6009-4d5e-b378-e93694ebb1d1	watering	2026-05-05 11:00:00+00	2026-05-14 10:09:27.874527+00	e652364e-4d90-4637-8bd9-dccd4ecf2c1b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	337	cfc15d41-6009-4d5e-b378-e93694ebb1d1	note	2026-04-14 11:00:00+00	2026-05-14 10:09:27.902141+00	dbabc1a1-c202-42ab-9b8e-b376f0841a15	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	338	cfc15d41-6009-4d5e-b378-e93694ebb1d1	note	2026-01-14 12:00:00+00	2026-05-14 10:09:27.913275+00	ddb1754e-f39c-4c17-a1e0-c4d611b522bb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	339	cfc15d41-6009-4d5e-b378-e93694ebb1d1	note	2025-10-16 11:00:00+00	2026-05-14 10:09:27.924212+00	cbf6f2d1-6d73-41ee-9d4c-9f7ef395ee92	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	340	cfc15d41-6009-4d5e-b378-e93694ebb1d1	note	2025-07-18 11:00:00+00	2026-05-14 10:09:27.935787+00	f84d7e28-d6b0-4d41-8e26-a8e5d85d4eea	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	342	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-05-27 11:00:00+00	2026-05-14 10:09:27.970684+00	7e56d5ed-997b-4ead-afbb-bd2847969103	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	343	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2025-06-07 11:00:00+00	2026-05-14 10:09:27.995848+00	6b5c36b1-6dd9-4272-b22b-c41cf29e15a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	344	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-06-20 11:00:00+00	2026-05-14 10:09:28.022554+00	8b40fc9e-0a2d-4135-94b9-204b3ccfa072	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	345	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-07-03 11:00:00+00	2026-05-14 10:09:28.048621+00	8c73b590-8a26-4401-9bb2-5a9a5ea64bda	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	346	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2025-07-14 11:00:00+00	2026-05-14 10:09:28.082279+00	720b006c-112d-4ff0-bcb8-54627f2b5a27	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	347	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-07-25 11:00:00+00	2026-05-14 10:09:28.12701+00	3eba8e76-9110-456a-9be9-aaa15e157650	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	348	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-08-05 11:00:00+00	2026-05-14 10:09:28.161143+00	be9d3329-56bc-4380-9146-a77cd510bf13	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	349	2530db15-032d-44b5-b5b7-c0be2619e8cc	correction	2025-08-05 11:00:00+00	2026-05-14 10:09:28.199748+00	3e5b9458-c532-4e3f-84a9-8ea04d396848	348	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	350	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2025-08-18 11:00:00+00	2026-05-14 10:09:28.228408+00	35a10d92-8937-4c39-8256-dbe9e05bbd39	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	351	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-08-29 11:00:00+00	2026-05-14 10:09:28.271263+00	ade9df25-45a4-4ca5-8989-349dc260b014	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	352	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-09-09 11:00:00+00	2026-05-14 10:09:28.308368+00	5a1ffa62-3457-4b24-ba1b-6bca9aa24c00	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	353	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2025-09-21 11:00:00+00	2026-05-14 10:09:28.339589+00	27b80c12-30d7-4794-b231-11bcb66221cf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	354	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-10-02 11:00:00+00	2026-05-14 10:09:28.371477+00	aa511b32-1c5c-4b26-9d61-a312e65716ce	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	355	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-10-13 11:00:00+00	2026-05-14 10:09:28.403362+00	7212c849-e41c-467d-ae49-d9cb0bcab5ce	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	356	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2025-10-24 11:00:00+00	2026-05-14 10:09:28.441095+00	569c031f-946a-4d33-a2c3-98f0d46d180b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	357	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-11-04 12:00:00+00	2026-05-14 10:09:28.49329+00	d3c83720-5fbe-4218-a248-9ce3d7d795c5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	358	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-11-16 12:00:00+00	2026-05-14 10:09:28.531426+00	318da7f8-5f27-47c0-93a0-6e41372d8b1c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	359	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2025-11-27 12:00:00+00	2026-05-14 10:09:28.563741+00	4979b462-49f7-4af1-ae7d-95f05180ef47	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	361	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2025-12-19 12:00:00+00	2026-05-14 10:09:28.636195+00	4111ea27-2f20-4257-9edd-fc66c2d765c8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	362	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-01-01 12:00:00+00	2026-05-14 10:09:28.671749+00	b7d88b55-d6d1-428c-90e6-e82bc33e5c45	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	363	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-01-12 12:00:00+00	2026-05-14 10:09:28.705484+00	4959e7f2-326a-4cd8-a4be-475771e2a1b3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	364	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-01-24 12:00:00+00	2026-05-14 10:09:28.740776+00	abb5855a-26ef-4e0e-b190-a3fa2a26470d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	365	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-02-05 12:00:00+00	2026-05-14 10:09:28.775145+00	d228ee50-c487-4670-8131-f53d50869fd8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	366	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-02-18 12:00:00+00	2026-05-14 10:09:28.809101+00	268d675e-e0d9-4b85-9145-5421329922cc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	367	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-03-01 12:00:00+00	2026-05-14 10:09:28.840758+00	ac6fcb37-453d-4a29-9bd8-0c1e0f1dc38b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	368	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-03-12 12:00:00+00	2026-05-14 10:09:28.878915+00	528522e0-4efc-4eda-aace-85660db3e1f8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	369	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-03-25 12:00:00+00	2026-05-14 10:09:28.918431+00	78a9e22a-6ebd-4b83-9c67-d8b4ff800ab4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	371	2530db15-032d-44b5-b5b7-c0be2619e8cc	feeding	2026-04-20 11:00:00+00	2026-05-14 10:09:29.004477+00	32f9dfca-7e79-4adb-8e5d-66ef88f8ee6f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	372	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-05-03 11:00:00+00	2026-05-14 10:09:29.04749+00	97620b39-fb3b-4ffa-bd62-6313dacaac79	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	373	2530db15-032d-44b5-b5b7-c0be2619e8cc	correction	2026-05-03 11:00:00+00	2026-05-14 10:09:29.100869+00	015f0718-ba66-44d9-a1b9-0d1094e7087d	372	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	374	2530db15-032d-44b5-b5b7-c0be2619e8cc	note	2026-04-14 11:00:00+00	2026-05-14 10:09:29.135883+00	a1486628-e01b-477e-ab0f-0de20da2c230	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	375	2530db15-032d-44b5-b5b7-c0be2619e8cc	note	2026-01-14 12:00:00+00	2026-05-14 10:09:29.14881+00	9a17f523-7e71-4ef0-9f0f-cb22b8ac7ffd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	376	2530db15-032d-44b5-b5b7-c0be2619e8cc	note	2025-10-16 11:00:00+00	2026-05-14 10:09:29.160719+00	87eca7dd-07dd-40ef-a662-c82fe0458acd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	377	2530db15-032d-44b5-b5b7-c0be2619e8cc	note	2025-07-18 11:00:00+00	2026-05-14 10:09:29.172366+00	762b3d2f-025d-4a3a-aef7-6f21bc9606dc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	378	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:29.187783+00	e78692ed-fb02-41fc-96f5-405304a7ebd2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	379	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-05-17 11:00:00+00	2026-05-14 10:09:29.226811+00	2b069d97-da5a-4691-b3c1-27c2a373a57e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	381	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-05-23 11:00:00+00	2026-05-14 10:09:29.29249+00	8916347c-6e76-4556-bb9f-c3bccf887c74	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	382	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-05-27 11:00:00+00	2026-05-14 10:09:29.331885+00	9c0b9cee-f2ec-4dd0-9f2a-f98a7d9b8771	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	383	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-06-01 11:00:00+00	2026-05-14 10:09:29.363467+00	964c9d2e-5a70-42d1-90b8-daefcc9bb686	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	384	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-06-04 11:00:00+00	2026-05-14 10:09:29.399617+00	e5f4734d-ebd0-4543-a620-2ec69eedd30a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	385	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-06-07 11:00:00+00	2026-05-14 10:09:29.429089+00	91b524b1-5b88-43f4-8c9b-2b85b4211ba4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	386	b3c142b1-b98b-4340-ba52-896ba6d43f52	correction	2025-06-07 11:00:00+00	2026-05-14 10:09:29.457238+00	668307a8-df5d-4675-b082-75f5278cd114	385	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	387	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-06-10 11:00:00+00	2026-05-14 10:09:29.489204+00	ec169989-7bcd-48cb-b267-6e9e047f3e99	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	388	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-06-14 11:00:00+00	2026-05-14 10:09:29.533918+00	6410027f-66e5-4f13-a2a6-a0c1b097861d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	389	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-06-17 11:00:00+00	2026-05-14 10:09:29.563824+00	5ed16e94-8535-4bc3-9fb1-5722319a9eec	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	391	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-06-24 11:00:00+00	2026-05-14 10:09:29.623251+00	27eddefd-c28a-4960-bde3-44da9c580e54	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	392	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-06-27 11:00:00+00	2026-05-14 10:09:29.656306+00	3587c7ce-96db-4698-8a32-9d31303b8637	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	393	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-07-01 11:00:00+00	2026-05-14 10:09:29.693047+00	9fa10377-bfc3-4431-81f8-de34b0fdbacd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	394	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-07-04 11:00:00+00	2026-05-14 10:09:29.722684+00	a8b2fe4c-8a58-4160-af45-c4539aefc7fe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	395	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-07-08 11:00:00+00	2026-05-14 10:09:29.754575+00	0a75fe1d-4d9a-4608-a602-167e17df5b8c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	396	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-07-11 11:00:00+00	2026-05-14 10:09:29.782515+00	d7da4f49-3a48-4ec3-b259-a3fd339e5b7b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	397	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-07-15 11:00:00+00	2026-05-14 10:09:29.820737+00	69b01748-c8b3-4541-a996-5d3597f8246a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	398	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-07-18 11:00:00+00	2026-05-14 10:09:29.855365+00	ca068c0b-4749-422e-968f-a87fdaf995aa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	399	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-07-21 11:00:00+00	2026-05-14 10:09:29.894634+00	84e892d2-42fe-4d2f-97cb-708102739500	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	401	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-07-29 11:00:00+00	2026-05-14 10:09:29.990793+00	f803dbb4-f345-4139-821b-f78b20b348dc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	402	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-08-01 11:00:00+00	2026-05-14 10:09:30.030847+00	a9bb57cc-05ba-4a1e-add3-37c1e784e1c5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	403	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-08-06 11:00:00+00	2026-05-14 10:09:30.07032+00	e14dc82d-2171-4204-958a-a7444f521c40	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	404	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-08-10 11:00:00+00	2026-05-14 10:09:30.107891+00	46ccfd55-d21f-494e-be45-d683632f01ff	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	405	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-08-13 11:00:00+00	2026-05-14 10:09:30.142691+00	f5498b1d-b0dc-4b70-a40f-5fda641ec2ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	406	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-08-16 11:00:00+00	2026-05-14 10:09:30.182548+00	b2b4b9fe-2b4f-4a81-87bd-c854489d28ce	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	407	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-08-20 11:00:00+00	2026-05-14 10:09:30.221173+00	64a8fe0f-4157-485c-93f7-209abe187552	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	408	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-08-25 11:00:00+00	2026-05-14 10:09:30.251621+00	6fa0dc99-881b-4731-b828-8e6ab8138da2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	409	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-08-29 11:00:00+00	2026-05-14 10:09:30.292214+00	0e901219-013b-4bc2-9129-607bd02ad389	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	411	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-09-01 11:00:00+00	2026-05-14 10:09:30.368709+00	de974549-8008-453a-acd2-5d79c543deab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	412	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-09-06 11:00:00+00	2026-05-14 10:09:30.408923+00	afa9a33c-7156-4a3c-aaec-87cfc4f3eecd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	413	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-09-10 11:00:00+00	2026-05-14 10:09:30.445199+00	3dfda564-a61f-4d9e-a8ca-277e833f7bb5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	414	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-09-14 11:00:00+00	2026-05-14 10:09:30.485207+00	a90fbc77-52f9-4a33-a531-44c40305291c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	415	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-09-17 11:00:00+00	2026-05-14 10:09:30.530993+00	4258c283-21a1-4b7b-a510-f2f4e6a33955	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	416	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-09-20 11:00:00+00	2026-05-14 10:09:30.570211+00	a9a722df-d744-45cf-ab21-9392cc373a3c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	417	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-09-23 11:00:00+00	2026-05-14 10:09:30.608897+00	ec5ee228-c5eb-4b6d-aee5-b90044a7a446	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	418	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-09-26 11:00:00+00	2026-05-14 10:09:30.654315+00	4e02809d-b764-4968-8d69-50ac3f934c99	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	419	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-10-01 11:00:00+00	2026-05-14 10:09:30.691721+00	300b10e4-9bfc-4e92-9644-3a7f36aa4977	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	421	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-10-07 11:00:00+00	2026-05-14 10:09:30.764717+00	4d3132d9-d7d4-4723-a737-36a26b0b2c6a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	422	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-10-12 11:00:00+00	2026-05-14 10:09:30.801312+00	f78ab828-8484-4e9e-a2c8-9aaafcec83b9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	423	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-10-15 11:00:00+00	2026-05-14 10:09:30.840015+00	23ad8598-91f2-4363-8247-f5d3b5437fa5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	424	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-10-20 11:00:00+00	2026-05-14 10:09:30.880834+00	37b555b0-a751-492e-9a8d-f827bb318929	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	425	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-10-24 11:00:00+00	2026-05-14 10:09:30.916027+00	a6734e03-ad4e-43af-b120-7e68446528bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	426	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-10-27 12:00:00+00	2026-05-14 10:09:30.949407+00	0292c893-1c5d-4e96-817b-74b0dac63ce0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	427	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-10-30 12:00:00+00	2026-05-14 10:09:31.007614+00	610c9554-ecfd-419b-87db-ca62586d0dea	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	428	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-11-04 12:00:00+00	2026-05-14 10:09:31.069625+00	80dcb2cd-dce9-48de-9e14-684fb5762f20	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	429	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-11-07 12:00:00+00	2026-05-14 10:09:31.103823+00	ad281de6-e530-47d1-87ae-44a1fa292d16	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	431	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-11-15 12:00:00+00	2026-05-14 10:09:31.183288+00	8d932d61-c115-45ff-8335-299ad0a054b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	432	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-11-19 12:00:00+00	2026-05-14 10:09:31.221135+00	7af57b02-522f-4b35-936e-61ded2e906f3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	433	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-11-22 12:00:00+00	2026-05-14 10:09:31.25694+00	48b64d70-687b-4f95-8f2d-a6d8fe1a2ccd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	434	b3c142b1-b98b-4340-ba52-896ba6d43f52	correction	2025-11-22 12:00:00+00	2026-05-14 10:09:31.304886+00	25eb016e-3750-41b1-9987-cb501368c224	433	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	435	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-11-27 12:00:00+00	2026-05-14 10:09:31.356254+00	5d68aa5e-7ae5-424f-9b7a-1f139d2a0478	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	436	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-12-02 12:00:00+00	2026-05-14 10:09:31.400559+00	928d046d-7b9d-4579-9f6e-e36155894e6c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	437	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-12-07 12:00:00+00	2026-05-14 10:09:31.437594+00	20d805c7-991e-468c-b444-1f527bbe7b39	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	438	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-12-10 12:00:00+00	2026-05-14 10:09:31.477424+00	48d38f6a-3b8b-4985-8688-186d6d6bb612	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	439	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-12-13 12:00:00+00	2026-05-14 10:09:31.514662+00	13391306-2f5f-4e43-819b-ba83450e93bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	441	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-12-19 12:00:00+00	2026-05-14 10:09:31.6008+00	d021b7d8-3c2b-46d3-b3ad-23b5a41c1ddb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	442	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-12-22 12:00:00+00	2026-05-14 10:09:31.635379+00	dd4b7b9a-06ee-4903-a839-5bf65254043a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	443	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2025-12-27 12:00:00+00	2026-05-14 10:09:31.671135+00	5bf9456a-2737-48bb-bf37-b5a68f1a72b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	444	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2025-12-30 12:00:00+00	2026-05-14 10:09:31.711737+00	84a9839e-483b-41c0-8e99-dd5862db6d5f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	445	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-01-04 12:00:00+00	2026-05-14 10:09:31.756026+00	cfffb88f-6380-4a3e-948c-489310775186	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	446	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-01-08 12:00:00+00	2026-05-14 10:09:31.795235+00	67a6bb9e-48b1-40cc-bba3-7e9a90a4834c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	447	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-01-11 12:00:00+00	2026-05-14 10:09:31.835569+00	8ecc0ac0-31b8-4a0e-ba23-6073ecc74515	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	448	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-01-14 12:00:00+00	2026-05-14 10:09:31.88443+00	9dafffba-3e9a-4231-8c3b-f497562d31b2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	449	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-01-17 12:00:00+00	2026-05-14 10:09:31.952357+00	5011da97-3895-4bb2-9167-1bff480f3a65	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	451	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-01-23 12:00:00+00	2026-05-14 10:09:32.045004+00	5f08334a-6e2e-4001-8762-b98c70137d40	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	452	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-01-28 12:00:00+00	2026-05-14 10:09:32.089064+00	54129b40-f1ad-4383-a7d4-9eaf95c809f3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	453	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-01-31 12:00:00+00	2026-05-14 10:09:32.130608+00	82d789a3-daaa-489c-b16d-f1b0f0f7d61b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	454	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-02-03 12:00:00+00	2026-05-14 10:09:32.17716+00	202bbb7b-bb48-4410-9d00-a60b7fe30705	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	455	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-02-06 12:00:00+00	2026-05-14 10:09:32.219092+00	fac39037-369f-4b94-8a71-94fa2622de36	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	456	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-02-10 12:00:00+00	2026-05-14 10:09:32.256278+00	ecd9d8fc-06a4-4ded-97cc-0ae4446b914a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	457	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-02-13 12:00:00+00	2026-05-14 10:09:32.297122+00	da553078-4771-4288-a103-95f3358bd2b7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	458	b3c142b1-b98b-4340-ba52-896ba6d43f52	correction	2026-02-13 12:00:00+00	2026-05-14 10:09:32.344323+00	247cc691-af46-4d36-a5c9-39a709124043	457	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	459	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-02-16 12:00:00+00	2026-05-14 10:09:32.384893+00	3d66b2d0-a086-4c1a-8736-99fd5d792cd3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	462	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-01 12:00:00+00	2026-05-14 10:09:32.505412+00	a7544e35-9109-4d29-b468-9b52b8eebc36	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	463	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-03-04 12:00:00+00	2026-05-14 10:09:32.546442+00	c1884bbf-98f7-4b47-9918-548904aa1f73	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	464	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-03-07 12:00:00+00	2026-05-14 10:09:32.587658+00	3500c0da-ceef-41d0-b906-a433e6eb96d8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	465	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-11 12:00:00+00	2026-05-14 10:09:32.631611+00	5a6cdc4c-eac3-435b-9abe-695ab4651b91	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	466	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-03-16 12:00:00+00	2026-05-14 10:09:32.683224+00	e9304ad3-aef8-4c63-98b5-573dd2e46d40	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	467	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-03-21 12:00:00+00	2026-05-14 10:09:32.723719+00	8815ae8f-c8a2-40a7-b3b2-8df76f824ce5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	468	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-03-24 12:00:00+00	2026-05-14 10:09:32.765418+00	fc97aa12-573d-422c-bbf1-45912560995d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	469	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-03-27 12:00:00+00	2026-05-14 10:09:32.805535+00	f1899dce-b7d4-4a70-bd44-4aae6c1bb5a1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	470	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-01 11:00:00+00	2026-05-14 10:09:32.844716+00	5490d6de-f2e5-4a57-b5f5-77bbf95f6528	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	472	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-07 11:00:00+00	2026-05-14 10:09:32.916863+00	f449d4a4-014f-48cd-b5a9-5a6d65b8f3cd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	473	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-10 11:00:00+00	2026-05-14 10:09:32.959786+00	d3f67402-2516-49db-a22c-ac97b068639c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	474	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-13 11:00:00+00	2026-05-14 10:09:32.999199+00	d308048b-c70a-483d-beb3-b5d6dc773ac4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	475	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-16 11:00:00+00	2026-05-14 10:09:33.035972+00	bbad2675-65a6-4099-87de-094fc968d7e9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	476	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-21 11:00:00+00	2026-05-14 10:09:33.073336+00	d5377bb9-2c55-4d7d-a8fa-f57f99a34c72	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	477	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-04-24 11:00:00+00	2026-05-14 10:09:33.113213+00	7c19d685-52c8-4ee5-a1e4-1fd31f19c20b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	478	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-04-28 11:00:00+00	2026-05-14 10:09:33.170347+00	196b846d-cdc6-4843-9bb2-ccf8ce9358be	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	479	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-05-03 11:00:00+00	2026-05-14 10:09:33.225343+00	27b4f2c2-1fb2-4235-b44d-66a73e6bc967	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	480	b3c142b1-b98b-4340-ba52-896ba6d43f52	feeding	2026-05-06 11:00:00+00	2026-05-14 10:09:33.26924+00	643389e7-b47c-47af-a500-eec03919cecc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	482	b3c142b1-b98b-4340-ba52-896ba6d43f52	note	2026-01-14 12:00:00+00	2026-05-14 10:09:33.325106+00	34f16369-6f15-4ec2-a99d-ef8d17b53dc6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	483	b3c142b1-b98b-4340-ba52-896ba6d43f52	note	2025-10-16 11:00:00+00	2026-05-14 10:09:33.336151+00	455c7931-cd58-4cc6-9f4f-4edbcaceecfc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	484	b3c142b1-b98b-4340-ba52-896ba6d43f52	note	2025-07-18 11:00:00+00	2026-05-14 10:09:33.356269+00	e40df493-a26c-4a55-accb-6c23cfc704ff	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	485	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:33.379979+00	018a6375-cbb2-4479-9dcb-92a67fba0ec2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	486	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-05-23 11:00:00+00	2026-05-14 10:09:33.41866+00	b806544a-86d4-4183-80ac-9102915668e9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	487	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-06-01 11:00:00+00	2026-05-14 10:09:33.446983+00	6b38ff80-ebd1-4605-86a8-b4325f8e2b77	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	488	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-06-11 11:00:00+00	2026-05-14 10:09:33.476296+00	8aad9d62-ea14-496b-8180-b5fb892ee819	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	489	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-06-20 11:00:00+00	2026-05-14 10:09:33.503543+00	6bbbec7a-9e04-4e7b-bdcc-718fd372a674	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	490	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-07-01 11:00:00+00	2026-05-14 10:09:33.53281+00	b9ab4142-cd79-401e-bbd9-20fea555850e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	493	260aa628-be79-4a1e-ac1d-bf769dfce4c8	correction	2025-07-19 11:00:00+00	2026-05-14 10:09:33.620796+00	90332f1f-9247-4bae-a60f-d8beac2277f5	492	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	494	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-07-30 11:00:00+00	2026-05-14 10:09:33.655634+00	6a0bf8ca-9e3b-43b5-8f20-4bf96678806c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	495	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-08-09 11:00:00+00	2026-05-14 10:09:33.688825+00	14bfeb4b-6e82-4b51-b968-5f4c5e34faeb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	496	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-08-18 11:00:00+00	2026-05-14 10:09:33.718572+00	88ed32bd-379b-4ad5-a187-aa41851cce16	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	497	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-08-28 11:00:00+00	2026-05-14 10:09:33.752838+00	3b52196a-a06e-44f8-aee5-51fbcaf8f6f6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	498	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-09-08 11:00:00+00	2026-05-14 10:09:33.780836+00	c0fff628-f8d4-415b-ba01-6369afd354ba	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	499	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-09-19 11:00:00+00	2026-05-14 10:09:33.810246+00	eb621750-e8ba-4876-a8bb-992b6dce8d76	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	500	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-09-29 11:00:00+00	2026-05-14 10:09:33.847385+00	f422be3a-0c30-49fa-8e32-f005dfaf0a60	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	501	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-10-08 11:00:00+00	2026-05-14 10:09:33.885915+00	730f9cbc-2750-439a-a377-d8586bedc32a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	503	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-10-28 12:00:00+00	2026-05-14 10:09:33.969158+00	aa6c0de9-aa9c-4162-8c83-616f3cf2db83	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	504	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-11-08 12:00:00+00	2026-05-14 10:09:34.001452+00	434ea04f-d966-409a-8e2f-7b860ddeb216	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	505	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-11-17 12:00:00+00	2026-05-14 10:09:34.032819+00	92bc60b1-5122-4f80-94ec-5d694b7e5622	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	506	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-11-28 12:00:00+00	2026-05-14 10:09:34.066093+00	6eaa0cb7-cf44-4c46-9723-b05e304fd45c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	507	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-12-09 12:00:00+00	2026-05-14 10:09:34.108458+00	98dacc70-2d49-4ebb-b534-b7e67e3f7049	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	508	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2025-12-19 12:00:00+00	2026-05-14 10:09:34.136192+00	2ee0fa12-7a2a-4bfb-bbb0-98ce2cc2c572	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	509	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2025-12-28 12:00:00+00	2026-05-14 10:09:34.173521+00	c82b8b5f-b803-46f2-a507-6ff4a0302985	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	510	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-01-08 12:00:00+00	2026-05-14 10:09:34.217052+00	993cd6e6-6553-48a6-9291-7c215a750542	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	511	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-01-17 12:00:00+00	2026-05-14 10:09:34.257097+00	bc0c56b7-c6f5-404a-9c9d-3a9e42fa3607	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	513	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-02-05 12:00:00+00	2026-05-14 10:09:34.33052+00	7b28e3bd-5f34-466c-b47a-056bfd599bb3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	514	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-02-14 12:00:00+00	2026-05-14 10:09:34.365325+00	d7fef5b6-8b91-41a8-bdae-cda98e32b3f9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	515	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-02-23 12:00:00+00	2026-05-14 10:09:34.410044+00	1ea28d29-691c-48c2-b90d-950fd87c1edf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	516	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-03-05 12:00:00+00	2026-05-14 10:09:34.447164+00	8777db8f-0883-478c-83c9-55f9f1834e04	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	517	260aa628-be79-4a1e-ac1d-bf769dfce4c8	correction	2026-03-05 12:00:00+00	2026-05-14 10:09:34.485192+00	8351def3-e628-44d6-8998-150cd4da14be	516	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	518	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-03-14 12:00:00+00	2026-05-14 10:09:34.513591+00	3d6004f7-aa82-40b9-b601-681d9e4a9008	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	519	260aa628-be79-4a1e-ac1d-bf769dfce4c8	feeding	2026-03-23 12:00:00+00	2026-05-14 10:09:34.550141+00	6d056c84-b59a-4d1b-ac61-8767217cd608	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	520	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-04-03 11:00:00+00	2026-05-14 10:09:34.593785+00	fe2baefd-5106-4845-bf8a-d32ffaf7aeb5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	521	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-04-12 11:00:00+00	2026-05-14 10:09:34.632919+00	aaadfd5d-27c4-402f-9521-ebf49a057877	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	523	260aa628-be79-4a1e-ac1d-bf769dfce4c8	watering	2026-05-02 11:00:00+00	2026-05-14 10:09:34.714926+00	f2739418-5248-496b-b79e-c60ff0dc5ce6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	524	260aa628-be79-4a1e-ac1d-bf769dfce4c8	note	2026-04-14 11:00:00+00	2026-05-14 10:09:34.758399+00	9b5504dc-5bf6-44be-aafe-3e4d840ebb69	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	525	260aa628-be79-4a1e-ac1d-bf769dfce4c8	note	2026-01-14 12:00:00+00	2026-05-14 10:09:34.77219+00	9acacb4e-7773-446e-9358-e1375f6a4aa8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	526	260aa628-be79-4a1e-ac1d-bf769dfce4c8	note	2025-10-16 11:00:00+00	2026-05-14 10:09:34.786003+00	7fa85bf9-420a-4803-a4ca-60641cb1f346	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	527	260aa628-be79-4a1e-ac1d-bf769dfce4c8	note	2025-07-18 11:00:00+00	2026-05-14 10:09:34.79716+00	7ee47704-d3a9-4e02-86bc-792c06b4a5bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	528	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:34.808748+00	0d2f090a-eb59-4361-927b-f0093f243359	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	529	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-05-24 11:00:00+00	2026-05-14 10:09:34.833203+00	07fcf151-1330-45a7-b734-2efb100b9f70	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	530	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-06-03 11:00:00+00	2026-05-14 10:09:34.859494+00	75e1a741-9045-45ef-ad4a-89f3ce40e1a5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	531	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-06-13 11:00:00+00	2026-05-14 10:09:34.888015+00	a9bc1b39-f370-4d32-ad5e-a6cd5dc4e0b0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	533	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-07-06 11:00:00+00	2026-05-14 10:09:34.949397+00	43ec9aff-3878-40ed-8757-7a559ba1b58b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	534	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-07-18 11:00:00+00	2026-05-14 10:09:35.018943+00	b48f4963-c455-472d-b9cc-8f96a30d0ee5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	535	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-07-28 11:00:00+00	2026-05-14 10:09:35.05156+00	d9bd8028-a01c-4ca5-8050-8a403ab80908	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	536	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	correction	2025-07-28 11:00:00+00	2026-05-14 10:09:35.083307+00	ac8191ce-e216-4939-a800-61fa410fb37a	535	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	537	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-08-08 11:00:00+00	2026-05-14 10:09:35.107219+00	4881ded4-c68e-43cb-bb26-42cc33e6eb14	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	538	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-08-19 11:00:00+00	2026-05-14 10:09:35.13557+00	54279e5a-4e65-4ad7-913b-9f792fb849ee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	539	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-08-29 11:00:00+00	2026-05-14 10:09:35.168524+00	6bbc66f2-451f-407b-b2da-1397afaf7249	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	540	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-09-09 11:00:00+00	2026-05-14 10:09:35.199657+00	7962c358-0a29-4241-8010-337f61cf4a36	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	541	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-09-19 11:00:00+00	2026-05-14 10:09:35.240631+00	980d9e59-d01a-4e91-9cc2-3a19942c7ba3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	543	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-10-12 11:00:00+00	2026-05-14 10:09:35.309392+00	c7f85928-9001-49cb-9425-6d587c625476	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	544	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-10-22 11:00:00+00	2026-05-14 10:09:35.347276+00	f51d23b1-4dc9-4819-a7bf-a10e59afbfe1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	545	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-11-03 12:00:00+00	2026-05-14 10:09:35.385067+00	3fe86e4e-9fab-403a-a669-399be7de2733	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	546	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-11-14 12:00:00+00	2026-05-14 10:09:35.424633+00	54aabe5f-163f-4384-8b73-9907b8086538	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	547	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-11-25 12:00:00+00	2026-05-14 10:09:35.457383+00	0e76640e-6a82-4542-a1e0-ef44292f628d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	548	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-12-05 12:00:00+00	2026-05-14 10:09:35.497444+00	7ead2723-bea4-4b41-81d9-e0e18e724dfa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	549	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2025-12-15 12:00:00+00	2026-05-14 10:09:35.535139+00	5cd8086c-11df-433b-87fe-945e1d65774c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	550	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2025-12-25 12:00:00+00	2026-05-14 10:09:35.56475+00	a80ae403-c4a6-4f28-9dcd-673bffd45896	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	551	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-01-04 12:00:00+00	2026-05-14 10:09:35.594096+00	2daa4a37-f1cb-4fb5-8982-b2fda8e49336	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	553	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-01-26 12:00:00+00	2026-05-14 10:09:35.661269+00	4f734a3f-5ebd-42c6-adc5-e8e9a87bc187	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	554	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-02-05 12:00:00+00	2026-05-14 10:09:35.697882+00	947d3736-32c1-407a-bfca-5e2754f145d0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	555	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-02-15 12:00:00+00	2026-05-14 10:09:35.727729+00	9866f3bf-860a-4cc4-ba63-5008fb84bf49	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	556	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-02-26 12:00:00+00	2026-05-14 10:09:35.758236+00	4899754b-5eb0-4b44-9327-e53729992754	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	557	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-03-08 12:00:00+00	2026-05-14 10:09:35.788494+00	888096b2-b638-4ac6-8871-8a3e2573e82b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	558	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	feeding	2026-03-20 12:00:00+00	2026-05-14 10:09:35.818867+00	35597bab-7d73-4cf8-aac3-04f65b1ef8cb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	559	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-03-31 11:00:00+00	2026-05-14 10:09:35.848381+00	ea3dafe8-fa3c-449f-813d-b6234b26e46b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	560	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	correction	2026-03-31 11:00:00+00	2026-05-14 10:09:35.879217+00	92f7f205-948e-46fa-877f-cf8892f01528	559	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	561	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-04-12 11:00:00+00	2026-05-14 10:09:35.914978+00	1128d734-63a4-4690-9819-164955893ce1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	563	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	watering	2026-05-05 11:00:00+00	2026-05-14 10:09:35.979502+00	ed55f9dc-78ab-422a-a60e-9045de1341fb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	564	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	note	2026-04-14 11:00:00+00	2026-05-14 10:09:36.011282+00	4175390f-6708-4b2d-b7aa-78a15627dc61	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	565	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	note	2026-01-14 12:00:00+00	2026-05-14 10:09:36.021059+00	4a176188-bc36-486c-942b-b69681c65457	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	566	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	note	2025-10-16 11:00:00+00	2026-05-14 10:09:36.040803+00	2ed9fb99-3000-4e17-86ae-c4acc392e519	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	567	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	note	2025-07-18 11:00:00+00	2026-05-14 10:09:36.055814+00	995eeb2d-884d-4e1e-90ce-7deb05a3f4b1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	568	cc475193-1673-419f-bc72-425221774d56	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:36.066357+00	14de75a5-9370-43b1-9359-ec0c9e5dd65b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	569	cc475193-1673-419f-bc72-425221774d56	watering	2025-05-17 11:00:00+00	2026-05-14 10:09:36.09625+00	2dca47ad-515e-4636-a422-ef276b9c3567	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	570	cc475193-1673-419f-bc72-425221774d56	feeding	2025-05-19 11:00:00+00	2026-05-14 10:09:36.122819+00	770838e6-3b4d-4c69-8136-050c77f44753	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	571	cc475193-1673-419f-bc72-425221774d56	watering	2025-05-21 11:00:00+00	2026-05-14 10:09:36.164887+00	d6bc6f8d-ff14-4121-aca2-c48907c6a387	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	574	cc475193-1673-419f-bc72-425221774d56	watering	2025-05-30 11:00:00+00	2026-05-14 10:09:36.262817+00	45d00ff4-c4e2-40f9-bc72-d5f9359161ac	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	575	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-01 11:00:00+00	2026-05-14 10:09:36.296738+00	46f1e13f-c31a-4de8-9aa0-b3e63bf4b645	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	576	cc475193-1673-419f-bc72-425221774d56	correction	2025-06-01 11:00:00+00	2026-05-14 10:09:36.330011+00	b709beda-e494-42e1-8c30-7ee0675847ae	575	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	577	cc475193-1673-419f-bc72-425221774d56	feeding	2025-06-04 11:00:00+00	2026-05-14 10:09:36.360898+00	93c73e85-12a2-46e1-b71b-8b29165c5fd1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	578	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-06 11:00:00+00	2026-05-14 10:09:36.395581+00	343f4a32-63ab-48fc-830e-b70b4db20d2d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	579	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-08 11:00:00+00	2026-05-14 10:09:36.435872+00	6c9ceb00-36c8-4136-a1cd-2f9a433aa390	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	580	cc475193-1673-419f-bc72-425221774d56	feeding	2025-06-10 11:00:00+00	2026-05-14 10:09:36.472328+00	d6ddf4d2-9638-4378-81e2-b9563bde802d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	581	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-13 11:00:00+00	2026-05-14 10:09:36.505272+00	7df540f9-2f14-45c4-8d30-3254c951cd03	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	582	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-15 11:00:00+00	2026-05-14 10:09:36.536263+00	d60705c4-50ed-4e20-a1e4-8fb833968825	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	584	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-20 11:00:00+00	2026-05-14 10:09:36.594293+00	784d20e5-3877-4e17-b6a6-64276e7197da	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	585	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-24 11:00:00+00	2026-05-14 10:09:36.625192+00	f6abdba3-b0f3-4e27-b90e-976d7de514f7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	586	cc475193-1673-419f-bc72-425221774d56	feeding	2025-06-27 11:00:00+00	2026-05-14 10:09:36.662068+00	08f32b69-d92b-449c-bd41-85fd9d96ae22	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	587	cc475193-1673-419f-bc72-425221774d56	watering	2025-06-29 11:00:00+00	2026-05-14 10:09:36.696595+00	fc41fa87-1614-4160-9241-ec2071cab9c2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	588	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-01 11:00:00+00	2026-05-14 10:09:36.730781+00	e476977c-f1cd-4ecf-a4b6-726e938fe9f4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	589	cc475193-1673-419f-bc72-425221774d56	feeding	2025-07-03 11:00:00+00	2026-05-14 10:09:36.764084+00	5f419ee2-3929-44e2-ad47-1369421adcdc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	590	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-05 11:00:00+00	2026-05-14 10:09:36.809728+00	74f0d5b8-96d1-4996-bb4f-7bd81580bfa4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	591	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-07 11:00:00+00	2026-05-14 10:09:36.847016+00	09d588ac-504b-40ed-9b9b-033fe3ac1890	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	592	cc475193-1673-419f-bc72-425221774d56	feeding	2025-07-09 11:00:00+00	2026-05-14 10:09:36.889709+00	e06829bc-d794-4232-a7ba-6345505179ae	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	594	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-13 11:00:00+00	2026-05-14 10:09:36.982887+00	b400af6e-2c0d-4eec-a21b-266467652b6f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	595	cc475193-1673-419f-bc72-425221774d56	feeding	2025-07-16 11:00:00+00	2026-05-14 10:09:37.021077+00	0fbaa7ac-f1a7-46f9-9ca5-82fb05598442	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	596	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-19 11:00:00+00	2026-05-14 10:09:37.05378+00	4fad982a-f785-4b74-b3ea-1018f53d3a75	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	597	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-21 11:00:00+00	2026-05-14 10:09:37.089515+00	e95f3c3d-2f3d-4d7c-8733-d3a13bc8eb5b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	598	cc475193-1673-419f-bc72-425221774d56	feeding	2025-07-24 11:00:00+00	2026-05-14 10:09:37.130604+00	a2a61ef6-01e5-4310-b2b3-2d85f46e71bb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	599	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-28 11:00:00+00	2026-05-14 10:09:37.180656+00	648191bb-3fb2-4f58-8f34-6b3189f767ed	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	600	cc475193-1673-419f-bc72-425221774d56	correction	2025-07-28 11:00:00+00	2026-05-14 10:09:37.218449+00	14c0b25d-3892-45fa-a085-1c6092bbf87e	599	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	601	cc475193-1673-419f-bc72-425221774d56	watering	2025-07-30 11:00:00+00	2026-05-14 10:09:37.252165+00	5fd453ca-f4f5-41af-96ac-3a35957edb55	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	602	cc475193-1673-419f-bc72-425221774d56	feeding	2025-08-02 11:00:00+00	2026-05-14 10:09:37.295319+00	626c5027-330d-45b7-ab55-4d9d8072ae3e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	604	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-07 11:00:00+00	2026-05-14 10:09:37.36926+00	96570529-79ff-47bf-9889-862bfa198c03	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	605	cc475193-1673-419f-bc72-425221774d56	feeding	2025-08-09 11:00:00+00	2026-05-14 10:09:37.405354+00	92113dc6-0ee8-4899-81a1-fd635e5bdba2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	606	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-11 11:00:00+00	2026-05-14 10:09:37.448248+00	eec70325-37de-45a5-ac32-1d41dcf17b04	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	607	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-13 11:00:00+00	2026-05-14 10:09:37.485922+00	3809f7f2-f3ac-4413-8445-246debe2d72f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	608	cc475193-1673-419f-bc72-425221774d56	feeding	2025-08-15 11:00:00+00	2026-05-14 10:09:37.523396+00	98919146-afd8-4aa7-835b-48425b26963f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	609	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-19 11:00:00+00	2026-05-14 10:09:37.562458+00	f348dc7d-99fd-471f-993b-fdb4fb7f5429	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	610	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-21 11:00:00+00	2026-05-14 10:09:37.603065+00	d2161004-81cf-4a9f-bc3b-e9068908fe64	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	611	cc475193-1673-419f-bc72-425221774d56	feeding	2025-08-23 11:00:00+00	2026-05-14 10:09:37.646998+00	bf98ddbb-8e25-4719-9c3d-fcdab5c22068	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	612	cc475193-1673-419f-bc72-425221774d56	watering	2025-08-27 11:00:00+00	2026-05-14 10:09:37.697286+00	60631f4c-9448-4919-a719-16a7df924e93	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	614	cc475193-1673-419f-bc72-425221774d56	feeding	2025-09-04 11:00:00+00	2026-05-14 10:09:37.769687+00	4c2a7002-4581-4ac6-8725-28eacf37db49	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	615	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-07 11:00:00+00	2026-05-14 10:09:37.808666+00	d705ce68-a4bd-40ea-9a44-5e339697f489	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	616	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-09 11:00:00+00	2026-05-14 10:09:37.852561+00	a28aedd6-60b7-4dfc-a618-b7dba44d0b49	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	617	cc475193-1673-419f-bc72-425221774d56	feeding	2025-09-11 11:00:00+00	2026-05-14 10:09:37.893469+00	1171aa59-7073-413e-a898-834f46fa9d87	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	618	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-14 11:00:00+00	2026-05-14 10:09:37.935833+00	8c39b147-6d84-4d2c-8885-5d151e91c055	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	619	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-16 11:00:00+00	2026-05-14 10:09:37.978169+00	c99674d0-edc7-45bf-b2a0-426a9d06395b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	620	cc475193-1673-419f-bc72-425221774d56	feeding	2025-09-20 11:00:00+00	2026-05-14 10:09:38.018008+00	747549aa-5ddd-425b-b163-57dae5e076f7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	621	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-23 11:00:00+00	2026-05-14 10:09:38.06102+00	030da090-ef1b-4446-a6ee-aaf5327e58cb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	622	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-25 11:00:00+00	2026-05-14 10:09:38.100272+00	fcb44bf3-3b02-4138-bc26-2d17fe8287b8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	624	cc475193-1673-419f-bc72-425221774d56	correction	2025-09-27 11:00:00+00	2026-05-14 10:09:38.168723+00	9cfedbed-75fd-4a0d-99af-732d520604aa	623	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	625	cc475193-1673-419f-bc72-425221774d56	watering	2025-09-29 11:00:00+00	2026-05-14 10:09:38.202253+00	7208dc9d-3ef1-4645-9dc4-538af5a6c163	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	626	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-01 11:00:00+00	2026-05-14 10:09:38.241118+00	a3b081bd-644f-44ea-af8c-79b664735b37	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	627	cc475193-1673-419f-bc72-425221774d56	feeding	2025-10-04 11:00:00+00	2026-05-14 10:09:38.27968+00	b0cb0e59-0cf4-4acd-87f7-4ea673d39aab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	628	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-08 11:00:00+00	2026-05-14 10:09:38.321422+00	e65b2af9-76b9-42ff-98b3-5cf2e93863de	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	629	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-10 11:00:00+00	2026-05-14 10:09:38.362491+00	75ff9169-c3ea-433b-be00-ad21b061d756	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	630	cc475193-1673-419f-bc72-425221774d56	feeding	2025-10-12 11:00:00+00	2026-05-14 10:09:38.404838+00	ee3525f2-ad0a-4304-887e-123412733b06	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	631	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-16 11:00:00+00	2026-05-14 10:09:38.446767+00	d033a0d5-8fda-404d-b8a2-5eff492e710e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	632	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-19 11:00:00+00	2026-05-14 10:09:38.489141+00	4fa3e819-f482-4f89-80e1-6590e59607b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	634	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-24 11:00:00+00	2026-05-14 10:09:38.577827+00	eee664b4-1565-47f4-bf66-31c09c1f7eec	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	635	cc475193-1673-419f-bc72-425221774d56	watering	2025-10-26 12:00:00+00	2026-05-14 10:09:38.621713+00	096c8f0c-435d-4e5d-ae0d-36637b3a3f2f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	636	cc475193-1673-419f-bc72-425221774d56	feeding	2025-10-30 12:00:00+00	2026-05-14 10:09:38.680199+00	5efa4351-cba0-4d25-b45c-bd670af9765f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	637	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-01 12:00:00+00	2026-05-14 10:09:38.746311+00	596e4652-fedd-41b9-9123-d59d49c112cd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	638	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-03 12:00:00+00	2026-05-14 10:09:38.786867+00	1308fcde-8ba5-4ad6-b876-3b41f573478f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	639	cc475193-1673-419f-bc72-425221774d56	feeding	2025-11-07 12:00:00+00	2026-05-14 10:09:38.826058+00	f086287c-4b4d-4263-bef0-3c4e7715bd11	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	640	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-09 12:00:00+00	2026-05-14 10:09:38.865055+00	8b99297d-0e87-4d7f-9e50-88d696e7df0e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	641	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-12 12:00:00+00	2026-05-14 10:09:38.912743+00	257b8d4e-27e5-4e8e-8465-a495b2def98a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	642	cc475193-1673-419f-bc72-425221774d56	feeding	2025-11-15 12:00:00+00	2026-05-14 10:09:38.950744+00	b9deb710-2a49-4b5b-9eab-513458ada441	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	644	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-21 12:00:00+00	2026-05-14 10:09:39.021677+00	6b09d504-5623-468a-abee-bcbf29bf9f53	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	645	cc475193-1673-419f-bc72-425221774d56	feeding	2025-11-23 12:00:00+00	2026-05-14 10:09:39.059029+00	57fbd1df-51fa-40e2-955b-672eff73b6a3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	646	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-25 12:00:00+00	2026-05-14 10:09:39.10394+00	586464f6-cb5d-4251-baaa-8fc7c623748f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	647	cc475193-1673-419f-bc72-425221774d56	watering	2025-11-28 12:00:00+00	2026-05-14 10:09:39.139636+00	cc0a4b82-9fd5-4048-ae32-5704100f4b30	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	648	cc475193-1673-419f-bc72-425221774d56	correction	2025-11-28 12:00:00+00	2026-05-14 10:09:39.175543+00	5bfa4e3b-dd18-4567-9eda-e1be47f94ab2	647	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	649	cc475193-1673-419f-bc72-425221774d56	feeding	2025-12-01 12:00:00+00	2026-05-14 10:09:39.208839+00	cd9d1945-d4f6-4952-aed5-03e4a1d3e3a8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	650	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-03 12:00:00+00	2026-05-14 10:09:39.253028+00	9aafb963-18ef-469d-bddc-a42282a88e87	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	651	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-05 12:00:00+00	2026-05-14 10:09:39.301051+00	8163625e-ef66-445e-8841-45ab9f7d1b78	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	652	cc475193-1673-419f-bc72-425221774d56	feeding	2025-12-08 12:00:00+00	2026-05-14 10:09:39.371859+00	858c2b98-d939-43d5-b28c-d468b3a1462f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	654	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-14 12:00:00+00	2026-05-14 10:09:39.460421+00	d727c109-15b0-4302-95bd-02adececde41	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	655	cc475193-1673-419f-bc72-425221774d56	feeding	2025-12-18 12:00:00+00	2026-05-14 10:09:39.50876+00	f84a992e-e4c3-4fd6-8e3f-a05a2547c722	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	656	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-21 12:00:00+00	2026-05-14 10:09:39.553627+00	4fb556bf-767c-47e3-b510-0caed121a946	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	657	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-23 12:00:00+00	2026-05-14 10:09:39.596376+00	6a494e0a-562d-42ac-a913-6d596e9737d1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	658	cc475193-1673-419f-bc72-425221774d56	feeding	2025-12-25 12:00:00+00	2026-05-14 10:09:39.641143+00	ed8f6335-9e1e-458c-84d7-14abd702a29a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	659	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-27 12:00:00+00	2026-05-14 10:09:39.688108+00	d1532ef0-a643-40ad-af87-de4c90e52f61	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	660	cc475193-1673-419f-bc72-425221774d56	watering	2025-12-30 12:00:00+00	2026-05-14 10:09:39.738805+00	2fec9dc8-9733-4ffe-b387-5116408dfc4c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	661	cc475193-1673-419f-bc72-425221774d56	feeding	2026-01-01 12:00:00+00	2026-05-14 10:09:39.788741+00	5c2f7c8f-64b1-4ea0-b8a5-97087999938e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	662	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-03 12:00:00+00	2026-05-14 10:09:39.834041+00	3cab9809-b424-4aca-98bf-234506ff739b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	664	cc475193-1673-419f-bc72-425221774d56	feeding	2026-01-09 12:00:00+00	2026-05-14 10:09:39.93711+00	72c2b516-7a2e-49c5-9d54-5a9fe330d1b4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	665	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-13 12:00:00+00	2026-05-14 10:09:39.978904+00	9c322c95-7b49-4d92-b1c6-5ea2558ef06b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	666	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-15 12:00:00+00	2026-05-14 10:09:40.020969+00	ae27963a-bed8-4a87-9238-4303c7b3e578	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	667	cc475193-1673-419f-bc72-425221774d56	feeding	2026-01-18 12:00:00+00	2026-05-14 10:09:40.073026+00	1d095565-564a-4d62-97ca-268f6c0ce92c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	668	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-20 12:00:00+00	2026-05-14 10:09:40.125043+00	e5bdeda0-063a-469f-8cf9-812250d01484	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	669	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-22 12:00:00+00	2026-05-14 10:09:40.179331+00	1926ab50-3186-4e77-9cc5-a384cb8beb94	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	670	cc475193-1673-419f-bc72-425221774d56	feeding	2026-01-24 12:00:00+00	2026-05-14 10:09:40.231657+00	a74f63b4-43b1-4cc3-84fb-4b3187789d8d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	671	cc475193-1673-419f-bc72-425221774d56	watering	2026-01-28 12:00:00+00	2026-05-14 10:09:40.28879+00	f6ed4abd-e849-4c7f-8a40-bbc32806d3e2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	672	cc475193-1673-419f-bc72-425221774d56	correction	2026-01-28 12:00:00+00	2026-05-14 10:09:40.341403+00	b5c5d207-a708-40a9-94dc-fde59d798328	671	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	674	cc475193-1673-419f-bc72-425221774d56	feeding	2026-02-04 12:00:00+00	2026-05-14 10:09:40.43319+00	161aa114-4988-4f7e-9859-16646928469b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	675	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-06 12:00:00+00	2026-05-14 10:09:40.486001+00	61151f36-b50a-404c-ab36-2c480eb71af8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	676	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-09 12:00:00+00	2026-05-14 10:09:40.534931+00	f3265871-374f-461b-98eb-a7a58d9cab00	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	677	cc475193-1673-419f-bc72-425221774d56	feeding	2026-02-11 12:00:00+00	2026-05-14 10:09:40.583372+00	e1bffe0f-a0d1-4aee-9045-cc58033f7c9f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	678	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-15 12:00:00+00	2026-05-14 10:09:40.63903+00	06188822-64d4-45b0-a029-98b7ccda24ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	679	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-17 12:00:00+00	2026-05-14 10:09:40.691625+00	8e7d4924-604f-4fdc-9b1c-7de04f218312	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	680	cc475193-1673-419f-bc72-425221774d56	feeding	2026-02-19 12:00:00+00	2026-05-14 10:09:40.742568+00	55bdce4f-7ab2-49ab-9f19-c307050004fd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	681	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-21 12:00:00+00	2026-05-14 10:09:40.800033+00	60726f30-52ff-4362-bfd9-917ebdfe65d1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	682	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-23 12:00:00+00	2026-05-14 10:09:40.854781+00	7ffeaef6-bcba-436a-ba4e-40dcc7f6f746	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	684	cc475193-1673-419f-bc72-425221774d56	watering	2026-02-27 12:00:00+00	2026-05-14 10:09:40.948877+00	95d7fdcb-2b43-4eee-aee2-135e47ad5e9d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	685	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-01 12:00:00+00	2026-05-14 10:09:40.998854+00	7b8ef206-5fae-418b-904c-e99edc15aeee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	686	cc475193-1673-419f-bc72-425221774d56	feeding	2026-03-03 12:00:00+00	2026-05-14 10:09:41.050357+00	c2a8e74c-551d-4914-aac5-cffa203773cf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	687	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-07 12:00:00+00	2026-05-14 10:09:41.10375+00	1de6b41e-187b-4f48-afbe-9e611dad98a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	688	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-11 12:00:00+00	2026-05-14 10:09:41.154618+00	8eb49e15-f00c-4c7e-a727-042c4a3206a6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	689	cc475193-1673-419f-bc72-425221774d56	feeding	2026-03-13 12:00:00+00	2026-05-14 10:09:41.20668+00	62537449-444e-46e7-9cfb-e91dd42d3aea	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	690	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-15 12:00:00+00	2026-05-14 10:09:41.253807+00	bf6890ea-52a9-47f9-a900-e3f2dfeb31c2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	691	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-17 12:00:00+00	2026-05-14 10:09:41.300524+00	c1e2b70e-42b2-4104-8db9-80d2fbf95298	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	692	cc475193-1673-419f-bc72-425221774d56	feeding	2026-03-21 12:00:00+00	2026-05-14 10:09:41.347545+00	abc0f5e1-dc5e-4186-aadd-0cde4a586234	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	694	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-26 12:00:00+00	2026-05-14 10:09:41.433683+00	b9c2b21f-84a4-4547-8b20-580601dfd13f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	695	cc475193-1673-419f-bc72-425221774d56	feeding	2026-03-28 12:00:00+00	2026-05-14 10:09:41.485036+00	4af07bb5-ca27-49d9-9a26-bc2868e01f3c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	696	cc475193-1673-419f-bc72-425221774d56	correction	2026-03-28 12:00:00+00	2026-05-14 10:09:41.542821+00	268eb5f6-f850-41f7-a76d-fb4418c89e0e	695	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	697	cc475193-1673-419f-bc72-425221774d56	watering	2026-03-30 11:00:00+00	2026-05-14 10:09:41.593593+00	ec8ed9db-8604-4707-b80f-ca5b7d2739e1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	698	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-01 11:00:00+00	2026-05-14 10:09:41.649006+00	f2c38d8f-7f3e-43c6-b8a2-6eb3a2519c51	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	699	cc475193-1673-419f-bc72-425221774d56	feeding	2026-04-05 11:00:00+00	2026-05-14 10:09:41.691887+00	63d13ef8-b07b-4343-be7f-a42fc416280b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	700	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-08 11:00:00+00	2026-05-14 10:09:41.738945+00	221abb89-3572-493c-9eab-1d08f887087b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	701	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-10 11:00:00+00	2026-05-14 10:09:41.790845+00	b69ab467-0064-43cd-a310-8aee92aee7a1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	702	cc475193-1673-419f-bc72-425221774d56	feeding	2026-04-13 11:00:00+00	2026-05-14 10:09:41.836563+00	58a9d282-253b-4b17-aa83-1ea8ce65fbaf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	704	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-17 11:00:00+00	2026-05-14 10:09:41.941976+00	538f57e7-9293-4187-b964-e6959fc9a35f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	705	cc475193-1673-419f-bc72-425221774d56	feeding	2026-04-21 11:00:00+00	2026-05-14 10:09:42.007996+00	d1e847d9-4416-4439-9319-a4f72880298c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	706	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-25 11:00:00+00	2026-05-14 10:09:42.066629+00	c22450bd-b0e0-47cd-ae8b-d65f66c9623e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	707	cc475193-1673-419f-bc72-425221774d56	watering	2026-04-29 11:00:00+00	2026-05-14 10:09:42.13077+00	c0433844-c97f-4a27-99f0-a4487f6c655c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	708	cc475193-1673-419f-bc72-425221774d56	feeding	2026-05-01 11:00:00+00	2026-05-14 10:09:42.188406+00	ad7f27b4-28f5-4717-afb2-a46db61e02fd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	709	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-05 11:00:00+00	2026-05-14 10:09:42.24734+00	82fd89f8-f092-4415-9dc9-fe43dd00608e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	710	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-08 11:00:00+00	2026-05-14 10:09:42.314163+00	189cc9e0-6d3b-40a0-9d6a-48929d478baa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	711	cc475193-1673-419f-bc72-425221774d56	note	2026-04-14 11:00:00+00	2026-05-14 10:09:42.36528+00	617f40b1-03a8-430e-94c0-d9b449e22f80	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	712	cc475193-1673-419f-bc72-425221774d56	note	2026-01-14 12:00:00+00	2026-05-14 10:09:42.373755+00	f8a0e092-358e-40ea-9b39-5618e5d825f5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	714	cc475193-1673-419f-bc72-425221774d56	note	2025-07-18 11:00:00+00	2026-05-14 10:09:42.391314+00	e0f0ea3b-f812-424a-a4d7-e72e8f4f533c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	715	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:42.400671+00	01f50f43-b05d-431e-ae2c-d61e65447850	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	716	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-05-16 11:00:00+00	2026-05-14 10:09:42.422249+00	0e0d0988-9e80-4b76-a2ba-20249faeec67	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	717	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-05-18 11:00:00+00	2026-05-14 10:09:42.446785+00	0c302cce-ba3f-4638-bb89-99396376fcf9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	718	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-05-20 11:00:00+00	2026-05-14 10:09:42.473397+00	74ed9618-6cc6-46de-9114-da8c656fec3b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	719	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-05-23 11:00:00+00	2026-05-14 10:09:42.506857+00	be00c0f8-0c3c-4118-8bf0-2600dd6daa79	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	720	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-05-26 11:00:00+00	2026-05-14 10:09:42.536344+00	289d645f-5f73-4376-be6f-b321d46a4a84	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	721	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-05-28 11:00:00+00	2026-05-14 10:09:42.563599+00	832e407d-deb7-4014-affb-6037b5116460	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	722	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-05-30 11:00:00+00	2026-05-14 10:09:42.59006+00	3d3f5412-7d5c-4a0c-a49e-25ea42940087	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	724	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-06-03 11:00:00+00	2026-05-14 10:09:42.638687+00	a44c63bf-18a3-43a1-9692-77f0c3d84ef0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	725	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-06-05 11:00:00+00	2026-05-14 10:09:42.670792+00	0c7620e9-7918-4a6a-8134-268f93b1b344	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	726	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-06-09 11:00:00+00	2026-05-14 10:09:42.701165+00	e980ddc4-3e61-4d13-b3f5-c61575b483cd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	727	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-06-12 11:00:00+00	2026-05-14 10:09:42.736961+00	54af6b06-9cde-4bf6-9816-c465023ca708	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	728	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-06-14 11:00:00+00	2026-05-14 10:09:42.76793+00	c140d5ca-0656-4177-ac26-3805ec83e1ae	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	729	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-06-16 11:00:00+00	2026-05-14 10:09:42.801161+00	f71a578a-52a0-435b-aea2-a82f26e787f1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	730	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-06-19 11:00:00+00	2026-05-14 10:09:42.830417+00	d31bbf23-1dae-4217-9f63-cc7fb6111e92	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	731	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-06-22 11:00:00+00	2026-05-14 10:09:42.865222+00	4c4a8a9b-d835-4ec4-aa16-3f6525a22834	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	732	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-06-26 11:00:00+00	2026-05-14 10:09:42.894838+00	92290fb1-8cfe-4ac8-895b-10d8a82efb7f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	734	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-04 11:00:00+00	2026-05-14 10:09:42.953057+00	65b7e957-9e4d-41db-972e-a20419612ad1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	735	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-06 11:00:00+00	2026-05-14 10:09:42.982289+00	6a5d18ad-eb0f-4a5f-85c4-03122043dd95	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	736	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-07-08 11:00:00+00	2026-05-14 10:09:43.011276+00	36484904-517d-42c7-8731-d1d0deb38d06	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	737	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-11 11:00:00+00	2026-05-14 10:09:43.043096+00	602c2629-a3f7-4bb4-8bf6-e0a190954873	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	738	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-13 11:00:00+00	2026-05-14 10:09:43.074932+00	c6ef3af3-44ca-49d3-acc9-a05f0e93bda7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	739	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-07-15 11:00:00+00	2026-05-14 10:09:43.10917+00	e1a7f696-efe8-4cb1-ab52-4b073a4fbb8a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	740	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-18 11:00:00+00	2026-05-14 10:09:43.151391+00	c309bd39-d4cb-4941-b751-4bd18c861cf1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	741	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-22 11:00:00+00	2026-05-14 10:09:43.194098+00	875f76eb-f82c-4bfe-840a-a4d22a81e1f6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	742	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-07-24 11:00:00+00	2026-05-14 10:09:43.231943+00	1b6ef7aa-f2c6-4bf4-a4fb-d28e1e7dde0f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	744	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-07-31 11:00:00+00	2026-05-14 10:09:43.307536+00	3d8e1cde-cc04-4273-89fe-49f3daa2c8ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	745	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-08-04 11:00:00+00	2026-05-14 10:09:43.349115+00	03064f54-6267-4b46-8da7-aa6adbe78fea	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	746	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-06 11:00:00+00	2026-05-14 10:09:43.386175+00	756cd6cb-475d-446d-bd2f-b6b217f05309	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	747	d094483e-165f-44be-a94d-e96dd19bc63f	correction	2025-08-06 11:00:00+00	2026-05-14 10:09:43.418828+00	bf21008a-3b75-4a33-9620-809bcafffc9a	746	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	748	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-08 11:00:00+00	2026-05-14 10:09:43.450484+00	a1701a21-977e-4013-aef2-3cf92e0356fc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	749	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-08-10 11:00:00+00	2026-05-14 10:09:43.482448+00	c05afd5d-0aae-4339-9115-9faa54e8a20e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	750	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-12 11:00:00+00	2026-05-14 10:09:43.513517+00	60bf3d7c-9f21-408b-ae54-c3d98160a802	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	751	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-15 11:00:00+00	2026-05-14 10:09:43.550858+00	5c76e79e-336b-4e88-8f01-f4f0b3609a17	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	752	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-08-18 11:00:00+00	2026-05-14 10:09:43.578807+00	f843a562-7f31-4592-a5b5-a147acc09a8e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	754	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-23 11:00:00+00	2026-05-14 10:09:43.636348+00	ea466418-0ebf-444b-9c0e-cc2543a2ecee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	755	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-08-25 11:00:00+00	2026-05-14 10:09:43.66602+00	987932ac-09b0-4900-b4ba-7bb51cd06b69	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	756	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-28 11:00:00+00	2026-05-14 10:09:43.696488+00	35c5edc0-6e20-4d56-a607-abca84b79ef7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	757	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-08-30 11:00:00+00	2026-05-14 10:09:43.727193+00	f12daa28-27ca-4bf3-9756-5a3be095cde5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	758	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-09-03 11:00:00+00	2026-05-14 10:09:43.762363+00	62781f5c-8151-48b3-9c94-9324b83e0210	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	759	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-09-07 11:00:00+00	2026-05-14 10:09:43.800607+00	36f20b47-594c-4cbc-8f8d-4bdef3784ff0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	760	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-09-09 11:00:00+00	2026-05-14 10:09:43.836131+00	92d9c82d-beef-4704-ab60-723526302e7d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	761	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-09-11 11:00:00+00	2026-05-14 10:09:43.868956+00	ef861dd2-f4a2-4e4d-8bae-1561de7f7a65	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	762	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-09-13 11:00:00+00	2026-05-14 10:09:43.90075+00	95398d16-4577-4faa-b54c-30db04398e91	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	764	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-09-21 11:00:00+00	2026-05-14 10:09:43.956611+00	7b0970ba-7dbb-4132-856f-4c0aeda6b407	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	765	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-09-25 11:00:00+00	2026-05-14 10:09:43.999832+00	070ccb09-47d9-4676-a52f-cfdfcfced63d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	766	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-09-28 11:00:00+00	2026-05-14 10:09:44.035489+00	70f3aa14-a165-4493-a96e-807ac74d815d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	767	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-10-02 11:00:00+00	2026-05-14 10:09:44.069261+00	e917dc7c-a76f-46a2-b92c-d4d1178cb010	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	768	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-05 11:00:00+00	2026-05-14 10:09:44.106384+00	55b08802-e8c3-4682-bad8-f8312342d36d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	769	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-09 11:00:00+00	2026-05-14 10:09:44.151928+00	8c865902-fe6e-450e-b2e7-f12af0dd061f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	770	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-10-12 11:00:00+00	2026-05-14 10:09:44.197193+00	0f389e77-daf9-4fa9-9586-3305cc052520	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	771	d094483e-165f-44be-a94d-e96dd19bc63f	correction	2025-10-12 11:00:00+00	2026-05-14 10:09:44.238947+00	089ab026-3ca5-403f-9f61-ad1154e56628	770	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	772	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-14 11:00:00+00	2026-05-14 10:09:44.280142+00	7956ea75-2e60-4bd3-913e-5d206a9bbe52	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	774	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-10-19 11:00:00+00	2026-05-14 10:09:44.353121+00	306a3f8f-9358-4e5f-898c-10f832fda738	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	775	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-22 11:00:00+00	2026-05-14 10:09:44.413326+00	94c4882f-c797-40db-b20f-671563ddf0cf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	776	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-25 11:00:00+00	2026-05-14 10:09:44.45989+00	e9805a8e-f4f1-4674-ae30-aded1548c974	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	777	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-10-27 12:00:00+00	2026-05-14 10:09:44.498211+00	84a31abc-21ec-46fe-8c58-3afdeb1fe178	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	778	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-29 12:00:00+00	2026-05-14 10:09:44.564579+00	a6947fa4-fa80-4855-8178-8cf768e04e4d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	779	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-10-31 12:00:00+00	2026-05-14 10:09:44.606348+00	1c7115e2-d4a4-4e1f-bb12-62c6a0982a92	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	780	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-11-03 12:00:00+00	2026-05-14 10:09:44.645309+00	523c4af2-4862-4224-a619-3a0fff997af9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	781	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-11-06 12:00:00+00	2026-05-14 10:09:44.688692+00	e49f56da-315a-4f8c-9c75-582990412fb0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	782	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-11-09 12:00:00+00	2026-05-14 10:09:44.729251+00	cd2b624d-0443-4fb9-b694-9187aea26594	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	784	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-11-15 12:00:00+00	2026-05-14 10:09:44.801971+00	f1f1d1a7-d521-46df-ab07-7a522bc9e135	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	785	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-11-19 12:00:00+00	2026-05-14 10:09:44.84288+00	a556016b-0511-4293-b6f0-f786b70d94f7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	786	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-11-22 12:00:00+00	2026-05-14 10:09:44.882691+00	3212acaa-cd42-4ede-bb3d-902d92ab61d5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	787	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-11-26 12:00:00+00	2026-05-14 10:09:44.930944+00	a602bb6a-5b1b-4e9f-a7fc-1c36ccc5f328	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	788	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-11-29 12:00:00+00	2026-05-14 10:09:44.971382+00	9c0db02c-f3aa-4c62-8171-5000c4e03088	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	789	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-12-01 12:00:00+00	2026-05-14 10:09:45.011641+00	f2d859b9-7734-44a1-ba2c-b7dd4564cae2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	790	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-04 12:00:00+00	2026-05-14 10:09:45.060873+00	a986b1f0-2fac-46a7-89d7-57f6b237661c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	791	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-06 12:00:00+00	2026-05-14 10:09:45.119739+00	c13c9143-4abc-40bc-bb75-2d1d17fa960c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	792	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-12-08 12:00:00+00	2026-05-14 10:09:45.171815+00	f8eef917-9995-47a9-af12-4cd21a82f108	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	794	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-13 12:00:00+00	2026-05-14 10:09:45.250882+00	26615f5b-96e0-4f30-ae4a-9380cb17d943	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	795	d094483e-165f-44be-a94d-e96dd19bc63f	correction	2025-12-13 12:00:00+00	2026-05-14 10:09:45.292906+00	1ce9d3e4-b805-4234-9946-1caf9ade0702	794	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	796	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-12-16 12:00:00+00	2026-05-14 10:09:45.329003+00	475af801-2e3b-4d3d-ba0c-ac53e1549b90	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	797	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-20 12:00:00+00	2026-05-14 10:09:45.370714+00	9db8fa38-c41d-4891-b908-6cd8f0757b0e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	798	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-23 12:00:00+00	2026-05-14 10:09:45.412651+00	8f684446-45fc-47e8-8dfc-8772797775c9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	799	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2025-12-25 12:00:00+00	2026-05-14 10:09:45.453789+00	225a16e7-c2e3-4bf0-904c-607cebba87ed	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	800	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2025-12-28 12:00:00+00	2026-05-14 10:09:45.499172+00	9aa60213-3bba-41a6-bec6-57624b6264d1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	801	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-01 12:00:00+00	2026-05-14 10:09:45.543358+00	4c52b05e-e005-411b-864c-e979b2b0b285	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	802	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-01-03 12:00:00+00	2026-05-14 10:09:45.594199+00	765b71f2-7d98-418f-b9f4-397aced296a3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	804	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-09 12:00:00+00	2026-05-14 10:09:45.660806+00	32bd3e08-ebf1-4eef-9b66-a04b092b7290	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	805	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-01-11 12:00:00+00	2026-05-14 10:09:45.696447+00	7d25d8a5-d526-4057-b46f-a5a542685f37	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	806	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-15 12:00:00+00	2026-05-14 10:09:45.735185+00	90b85a8e-6ff7-45bf-abc0-b7bd7a27ca18	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	807	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-19 12:00:00+00	2026-05-14 10:09:45.772009+00	90b3c276-ecd5-42a8-b916-1fce09887c47	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	808	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-01-21 12:00:00+00	2026-05-14 10:09:45.814432+00	08ab58b6-88dd-4102-8d07-d1a4be06be66	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	809	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-24 12:00:00+00	2026-05-14 10:09:45.859877+00	f7cf3ae2-605a-4a84-b223-1a1c49c6e611	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	810	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-01-28 12:00:00+00	2026-05-14 10:09:45.900118+00	8541064b-6a4c-48f5-b2a0-86559be5248f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	811	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-01-30 12:00:00+00	2026-05-14 10:09:45.946387+00	3470de51-7dd6-4161-b439-5467a6df915f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	812	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-01 12:00:00+00	2026-05-14 10:09:46.002605+00	116c359f-dc51-4d36-acbe-fca4790b6999	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	814	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-02-07 12:00:00+00	2026-05-14 10:09:46.079715+00	9ab87443-a020-4f76-81a8-a955b5122d59	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	815	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-10 12:00:00+00	2026-05-14 10:09:46.12638+00	ad9f9cca-4a28-470a-ab5e-f19076d6be0e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	816	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-13 12:00:00+00	2026-05-14 10:09:46.171989+00	5e55e91b-2afa-4791-830a-558963f7e747	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	817	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-02-16 12:00:00+00	2026-05-14 10:09:46.224878+00	5e95a1a0-6a54-4b1f-a5fd-c2827e32539a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	818	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-19 12:00:00+00	2026-05-14 10:09:46.270876+00	dac5edb5-3d22-4c1a-8983-ff84cf3e74a0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	819	d094483e-165f-44be-a94d-e96dd19bc63f	correction	2026-02-19 12:00:00+00	2026-05-14 10:09:46.317566+00	5ef6c779-21fa-451b-b0b3-cc44542739ea	818	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	820	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-22 12:00:00+00	2026-05-14 10:09:46.359053+00	f3b9aa9a-35ff-4afe-98e2-93bbc3af3667	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	821	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-02-26 12:00:00+00	2026-05-14 10:09:46.40639+00	40e8f481-d33c-45cf-a77a-3009e9dfc003	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	822	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-02-28 12:00:00+00	2026-05-14 10:09:46.454613+00	0f251e1b-324d-42fa-820e-6e1d635eb0e2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	824	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-03-07 12:00:00+00	2026-05-14 10:09:46.539209+00	46528d70-658f-4368-b040-cc5a14d588ee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	825	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-09 12:00:00+00	2026-05-14 10:09:46.587843+00	3bc217d7-03b7-4064-82f6-b54772b0769e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	826	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-11 12:00:00+00	2026-05-14 10:09:46.633736+00	80d1c3a7-48df-4ec3-a476-94127c07a3b7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	827	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-03-13 12:00:00+00	2026-05-14 10:09:46.683827+00	2f110f9f-11c4-4d55-90a3-e8b7de45121c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	828	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-15 12:00:00+00	2026-05-14 10:09:46.733235+00	35857bc9-8e20-4183-9e56-3839b8051ac2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	829	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-17 12:00:00+00	2026-05-14 10:09:46.784691+00	a8438990-e72c-4528-99e5-fca75aa9af20	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	830	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-03-21 12:00:00+00	2026-05-14 10:09:46.834538+00	fae6dedd-dd21-4305-978c-68240011cb19	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	831	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-23 12:00:00+00	2026-05-14 10:09:46.884533+00	808d6ecd-5c61-42f2-8c78-297789a88baa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	832	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-03-27 12:00:00+00	2026-05-14 10:09:46.931371+00	fc25b6af-0609-4087-99b1-fec34ffe8a11	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	834	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-04 11:00:00+00	2026-05-14 10:09:47.029163+00	c976e6e3-4ba8-4542-824d-c35fc36f0929	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	835	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-06 11:00:00+00	2026-05-14 10:09:47.100381+00	d8e3adb6-9108-4a34-8121-bfda81874842	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	836	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-04-08 11:00:00+00	2026-05-14 10:09:47.149166+00	645976ab-cd15-43a0-a749-c0e820ffbe07	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	837	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-10 11:00:00+00	2026-05-14 10:09:47.19492+00	a608a29a-43b9-44f2-90cc-8b95cd1f892d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	838	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-12 11:00:00+00	2026-05-14 10:09:47.240785+00	36097bc9-c5c3-41e9-9f12-f3b20fe167c3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	839	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-04-14 11:00:00+00	2026-05-14 10:09:47.285198+00	1485b143-b7dc-4b7f-b4e8-9868a3099649	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	840	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-17 11:00:00+00	2026-05-14 10:09:47.333076+00	caa44b74-1699-4fdd-9021-4ade68ebd1ce	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	841	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-19 11:00:00+00	2026-05-14 10:09:47.380493+00	ddb5cbfd-b606-42c3-92fa-ffff664b0c85	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	842	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-04-21 11:00:00+00	2026-05-14 10:09:47.427562+00	a7daa9a2-a98a-484e-a7a3-ef9932d68ecb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	844	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-24 11:00:00+00	2026-05-14 10:09:47.516887+00	f07170c7-a239-4d91-bb1d-456efb278582	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	845	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-04-27 11:00:00+00	2026-05-14 10:09:47.571244+00	8f52aa75-1923-40b0-a3d6-449f866849bb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	846	d094483e-165f-44be-a94d-e96dd19bc63f	feeding	2026-04-29 11:00:00+00	2026-05-14 10:09:47.625861+00	8cbf896f-5e8b-4d30-85cc-40d1f671b96b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	847	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-01 11:00:00+00	2026-05-14 10:09:47.674064+00	661fa535-1bd1-4d97-8305-d4edfcea1c67	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	848	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-05 11:00:00+00	2026-05-14 10:09:47.720945+00	4e3d56d1-da2c-49a1-90ca-e5926292d808	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	849	d094483e-165f-44be-a94d-e96dd19bc63f	note	2026-04-14 11:00:00+00	2026-05-14 10:09:47.752136+00	c2534d6d-4480-40b9-b27d-66d4661dcb5f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	850	d094483e-165f-44be-a94d-e96dd19bc63f	note	2026-01-14 12:00:00+00	2026-05-14 10:09:47.761158+00	f6db4d1a-9878-40cc-b2b3-ec674fadd23c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	851	d094483e-165f-44be-a94d-e96dd19bc63f	note	2025-10-16 11:00:00+00	2026-05-14 10:09:47.772559+00	f5490cc5-b0fb-4f66-bb6a-8b520495ec15	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	852	d094483e-165f-44be-a94d-e96dd19bc63f	note	2025-07-18 11:00:00+00	2026-05-14 10:09:47.786205+00	a53c8937-1f38-4997-8358-8de1337e09c9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	853	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:47.795346+00	63180ad2-5565-44a6-b441-746af710fff7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	854	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-05-18 11:00:00+00	2026-05-14 10:09:47.834446+00	3dd7e9f9-4678-4039-86f9-550f858044fa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	855	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-05-20 11:00:00+00	2026-05-14 10:09:47.860048+00	d5e9e801-f062-4df1-8d43-2159b990593d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	856	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-05-24 11:00:00+00	2026-05-14 10:09:47.881126+00	de22c8f5-2126-4b34-bcf4-17072bfd0bb7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	857	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-05-27 11:00:00+00	2026-05-14 10:09:47.901536+00	5a47d184-141c-4ccd-9d23-0a7c6ea869c3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	858	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-05-29 11:00:00+00	2026-05-14 10:09:47.922893+00	2f3d4553-2e76-4baf-8b73-30e29b30b705	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	859	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-02 11:00:00+00	2026-05-14 10:09:47.947547+00	9234f0c4-c89f-499e-98ce-28b402a34c9e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	860	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-05 11:00:00+00	2026-05-14 10:09:47.970961+00	4c24dd0a-a6ab-4ac3-a442-25619badf8ab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	861	0d168206-6ec2-4b63-ace9-02b1c8d55c66	correction	2025-06-05 11:00:00+00	2026-05-14 10:09:48.000672+00	212f3e9d-60b2-4cad-a8d8-d806ac1cc633	860	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	862	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-06-08 11:00:00+00	2026-05-14 10:09:48.017816+00	eddcf29f-adac-4522-89f3-5b0072c6e8e8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	863	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-10 11:00:00+00	2026-05-14 10:09:48.03749+00	72840c48-22f1-4d01-a923-aefc0bf3bc24	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	864	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-12 11:00:00+00	2026-05-14 10:09:48.063334+00	d3b77723-4708-4526-ae41-ad82c154236a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	865	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-06-14 11:00:00+00	2026-05-14 10:09:48.086402+00	b1a00d32-315e-46c2-a606-0c69946943c4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	866	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-17 11:00:00+00	2026-05-14 10:09:48.109901+00	a7453d7e-74b6-4802-b0d7-7b042f9b988d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	867	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-19 11:00:00+00	2026-05-14 10:09:48.12787+00	eec8c650-f69d-4d56-9848-d54cbea7f751	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	868	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-06-23 11:00:00+00	2026-05-14 10:09:48.155515+00	1356f1b3-64e1-400a-a90c-1fbe378402da	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	869	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-06-27 11:00:00+00	2026-05-14 10:09:48.192866+00	c634d56c-4201-4e81-956d-76b8634a5ce3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	870	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-01 11:00:00+00	2026-05-14 10:09:48.213796+00	53851bff-d284-4c9e-8219-03ff094b276d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	871	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-07-04 11:00:00+00	2026-05-14 10:09:48.235428+00	8b29fb8d-05a4-4718-b414-41e3562f3613	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	872	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-06 11:00:00+00	2026-05-14 10:09:48.257038+00	b76b694e-7456-4355-9bc5-086c6dfffde4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	873	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-08 11:00:00+00	2026-05-14 10:09:48.286159+00	a2aad77d-baa7-4068-b87e-1fd43eec5314	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	874	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-07-10 11:00:00+00	2026-05-14 10:09:48.310317+00	a8027777-4150-40e6-8410-c639fe63bb58	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	875	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-14 11:00:00+00	2026-05-14 10:09:48.334858+00	cce1fc01-e9f4-4a1e-a983-d9f8bfb6b3b1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	876	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-18 11:00:00+00	2026-05-14 10:09:48.356184+00	86c48ce0-1ca0-4953-926f-3bf49675b4a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	877	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-07-20 11:00:00+00	2026-05-14 10:09:48.373493+00	68e3295c-f1e2-40d2-aed4-513115918bda	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	878	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-22 11:00:00+00	2026-05-14 10:09:48.394202+00	f0e3e547-5ef8-426b-b220-57de2b9a2ad5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	879	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-07-26 11:00:00+00	2026-05-14 10:09:48.413526+00	2cc09778-5a6c-48b3-890a-14a14d2d42a5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	880	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-07-30 11:00:00+00	2026-05-14 10:09:48.433121+00	f29ebf23-4e8b-42ae-8be2-ea2a0b60659b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	881	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-03 11:00:00+00	2026-05-14 10:09:48.451641+00	e32fdfb1-f679-43e7-961c-04d434258dff	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	882	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-05 11:00:00+00	2026-05-14 10:09:48.46944+00	7cdb9888-00d1-4141-8c73-b776d6129a30	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	884	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-09 11:00:00+00	2026-05-14 10:09:48.508908+00	e00ed7a8-b4e9-47fc-a79c-dccc6829dd63	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	885	0d168206-6ec2-4b63-ace9-02b1c8d55c66	correction	2025-08-09 11:00:00+00	2026-05-14 10:09:48.52569+00	a5d8ac41-af23-48b0-aece-496bc30a1ff2	884	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	886	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-11 11:00:00+00	2026-05-14 10:09:48.540069+00	1c65b6c0-086a-42f6-8573-361ca0e5ed75	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	887	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-08-13 11:00:00+00	2026-05-14 10:09:48.559706+00	c1a201a8-f600-4363-9fd7-60842652006a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-17 11:00:00+00	2026-05-14 10:09:48.578714+00	5eb86695-e274-4001-bed1-f51ca2980afb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	889	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-19 11:00:00+00	2026-05-14 10:09:48.594524+00	ef24559c-69d4-46cd-a67c-d49159f4797a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	890	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-08-21 11:00:00+00	2026-05-14 10:09:48.611914+00	8428554e-2b5e-4a70-b5c0-133bedcca412	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	891	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-23 11:00:00+00	2026-05-14 10:09:48.629884+00	d36154a1-1220-46f7-a290-d24c2083f3fd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	892	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-25 11:00:00+00	2026-05-14 10:09:48.649361+00	f67fdc22-c77f-40f5-b5d8-a7215e03f531	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	894	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-08-29 11:00:00+00	2026-05-14 10:09:48.700602+00	3c1940a7-4ef9-44ca-8b6f-6e6833723c6e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	895	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-01 11:00:00+00	2026-05-14 10:09:48.721347+00	a1465d9d-8af2-4fb7-b81f-7e8e2346b585	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	896	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-09-04 11:00:00+00	2026-05-14 10:09:48.737235+00	3a538e4e-40f3-46ed-b630-28024db65abe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	897	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-08 11:00:00+00	2026-05-14 10:09:48.754701+00	8230a98c-9c94-4a2d-9efb-63b2a7f12bc8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	898	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-10 11:00:00+00	2026-05-14 10:09:48.776197+00	ad31597b-756f-423e-819c-99544eb8809a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	899	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-09-12 11:00:00+00	2026-05-14 10:09:48.798237+00	587e3a9a-a7d4-4ad1-9a2c-f651e14425cc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	900	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-14 11:00:00+00	2026-05-14 10:09:48.821562+00	3e76f5d7-6aa4-4261-9cd9-7f42b29296b0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	901	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-17 11:00:00+00	2026-05-14 10:09:48.850099+00	4c518bbb-1f44-4db6-bc68-6546600df434	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	902	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-09-19 11:00:00+00	2026-05-14 10:09:48.867799+00	1ce035c7-a5f3-4024-aa73-61b58cad88ae	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	904	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-26 11:00:00+00	2026-05-14 10:09:48.908477+00	2c5d21bc-d927-447a-a62f-366cd3b6a454	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	905	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-09-28 11:00:00+00	2026-05-14 10:09:48.928492+00	2c8b6310-f512-44bb-81d8-41a9c593e7b2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	906	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-30 11:00:00+00	2026-05-14 10:09:48.978722+00	2ae20c7c-e1f4-4dc9-9bc3-c6f4d7407141	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	907	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-03 11:00:00+00	2026-05-14 10:09:48.999677+00	f81c431d-7d55-40a7-9509-d81233f7829d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	908	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-10-07 11:00:00+00	2026-05-14 10:09:49.024665+00	5169776f-85ef-46f4-adbb-6978e2438554	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	909	0d168206-6ec2-4b63-ace9-02b1c8d55c66	correction	2025-10-07 11:00:00+00	2026-05-14 10:09:49.049526+00	3069794e-7c99-4b98-a3aa-4450a62e6f77	908	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	910	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-10 11:00:00+00	2026-05-14 10:09:49.076639+00	f578342d-a371-49c5-a5ef-d11eb33a762b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	911	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-13 11:00:00+00	2026-05-14 10:09:49.105137+00	098d50ba-43df-4a0a-bec5-21999f6ce9ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	912	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-10-15 11:00:00+00	2026-05-14 10:09:49.127742+00	f248a699-d0be-4712-94b3-8ce671373a0e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	915	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-10-23 11:00:00+00	2026-05-14 10:09:49.200122+00	2bd9cb9e-3840-4594-b30b-136cc778cf39	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	916	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-27 12:00:00+00	2026-05-14 10:09:49.225215+00	79fa3bb8-0328-43a6-84d1-5de47cc4d1c1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	917	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-30 12:00:00+00	2026-05-14 10:09:49.249446+00	00a60ec6-7d03-4309-adb0-35b6e1ed629d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	918	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-11-01 12:00:00+00	2026-05-14 10:09:49.272891+00	65dec5da-903b-4a4c-9e00-08cf697e59b9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	919	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-03 12:00:00+00	2026-05-14 10:09:49.29958+00	45ab7d7b-7906-4a6d-a13f-2b1156d0125b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	920	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-05 12:00:00+00	2026-05-14 10:09:49.320407+00	297cd241-f978-4e59-b884-88ad3948c3b8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	921	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-11-09 12:00:00+00	2026-05-14 10:09:49.341299+00	33930bbe-05b7-4556-bc49-a2ca89b35b8a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	922	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-13 12:00:00+00	2026-05-14 10:09:49.367531+00	745be8fd-034e-49aa-86dd-0817425a4a8b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	923	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-15 12:00:00+00	2026-05-14 10:09:49.387014+00	ff1b73ad-55c5-43ce-88a2-24066b627ca7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	925	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-21 12:00:00+00	2026-05-14 10:09:49.431789+00	1a359a6b-4059-490e-a888-95c92711f8bc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	926	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-24 12:00:00+00	2026-05-14 10:09:49.450946+00	8359a876-8a50-40db-bddb-7d9967fb01a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	927	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-11-26 12:00:00+00	2026-05-14 10:09:49.47222+00	166d8427-2ec1-4c66-98f1-4fc441951377	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	928	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-11-30 12:00:00+00	2026-05-14 10:09:49.495923+00	792f6c0e-00e4-4245-be99-f7f7c9c3c268	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	929	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-02 12:00:00+00	2026-05-14 10:09:49.521006+00	b5247dc6-df18-4779-b949-e6b83f552bb4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	930	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-12-05 12:00:00+00	2026-05-14 10:09:49.543529+00	e16c917f-3496-4af0-8d8a-84341447791d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	931	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-09 12:00:00+00	2026-05-14 10:09:49.585341+00	8c8416a3-ae45-4686-a65a-58b027e38378	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	932	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-12 12:00:00+00	2026-05-14 10:09:49.620938+00	66f3aa1b-9e1a-4557-b102-f369ebb63c1b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	933	0d168206-6ec2-4b63-ace9-02b1c8d55c66	correction	2025-12-12 12:00:00+00	2026-05-14 10:09:49.645192+00	1bc6e43d-97a8-438a-8f96-fc13ee1b4bf2	932	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	935	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-16 12:00:00+00	2026-05-14 10:09:49.691156+00	c2dd896d-02f8-45fb-956e-11c5a4c63d1d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	936	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-19 12:00:00+00	2026-05-14 10:09:49.711926+00	0fc130f4-74a1-4546-9041-84f40399fbdd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	937	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-12-21 12:00:00+00	2026-05-14 10:09:49.737811+00	685538b8-53f5-4d0f-a5c1-c146d2200b8e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	938	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-23 12:00:00+00	2026-05-14 10:09:49.758409+00	2bafd3c1-432e-45f1-b78d-10ba8fabd1ef	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	939	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-12-27 12:00:00+00	2026-05-14 10:09:49.780611+00	56d6df3d-3b60-4a77-8725-26be13787967	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	940	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-12-29 12:00:00+00	2026-05-14 10:09:49.801044+00	ef62f650-114b-457b-ade1-8ed3d7c050bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	941	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-01 12:00:00+00	2026-05-14 10:09:49.828931+00	cc26aa83-cfcb-4840-b3f5-789aca520f9f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	942	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-03 12:00:00+00	2026-05-14 10:09:49.850671+00	8ed5602f-600b-4638-8a40-d5225d6385ee	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	943	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-01-07 12:00:00+00	2026-05-14 10:09:49.87313+00	c2e411fb-8885-413d-a8e2-b3477661b319	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	945	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-12 12:00:00+00	2026-05-14 10:09:49.927654+00	46aacfdf-b5c6-402e-b654-dbe7427c4dcd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	946	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-01-15 12:00:00+00	2026-05-14 10:09:49.948169+00	8ebac0be-1eb3-4e5b-b54b-e398136f0411	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	947	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-17 12:00:00+00	2026-05-14 10:09:49.970178+00	ac07b176-5359-4622-8339-b3aae473d52d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	948	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-21 12:00:00+00	2026-05-14 10:09:49.991674+00	49f510d2-898d-4aac-b831-96ffa7a226ed	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	949	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-01-23 12:00:00+00	2026-05-14 10:09:50.011317+00	ef4c6e94-58c4-42bb-b494-d88d75303a67	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	950	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-25 12:00:00+00	2026-05-14 10:09:50.032885+00	af042952-6a74-4c93-b0c8-15d4234cfe91	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	951	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-29 12:00:00+00	2026-05-14 10:09:50.055567+00	921ae2da-8a38-4cae-acad-fc1b1a783637	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	952	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-01-31 12:00:00+00	2026-05-14 10:09:50.07782+00	d4ef3dfe-d377-47aa-8492-21b2612495b7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	883	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-08-07 11:00:00+00	2026-05-14 10:09:48.486672+00	a33c353d-8769-4bd1-9ce9-dc7df21c264f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	893	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-08-27 11:00:00+00	2026-05-14 10:09:48.671779+00	43d64e38-f68a-4e02-96da-6afca1d68932	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	903	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-09-23 11:00:00+00	2026-05-14 10:09:48.88875+00	bb8c7c87-b25f-4ab4-9b3b-b756f722dec0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	913	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-19 11:00:00+00	2026-05-14 10:09:49.151127+00	ba282ec4-98f9-4855-a303-603a8858ae71	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	914	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2025-10-21 11:00:00+00	2026-05-14 10:09:49.172328+00	65893a31-44ab-4862-8419-870a90087273	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	924	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-11-17 12:00:00+00	2026-05-14 10:09:49.408678+00	c1b87885-605b-43b8-8dd2-dffd502d8403	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	934	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2025-12-14 12:00:00+00	2026-05-14 10:09:49.667177+00	f064ba10-d274-4e40-aa2c-5682ae87690f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	944	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-01-09 12:00:00+00	2026-05-14 10:09:49.90766+00	500c1a52-2124-41fc-9884-7cc8cd2f6d11	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	954	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-06 12:00:00+00	2026-05-14 10:09:50.126208+00	39442e3c-015c-41a6-b59f-fb652041afab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	964	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-02 12:00:00+00	2026-05-14 10:09:50.36+00	6fda8e56-48ad-476a-b7cd-f0d10ceb1b5a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	974	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-03-29 11:00:00+00	2026-05-14 10:09:50.588594+00	6e52772a-0c43-4f9e-addc-394c2989b708	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	984	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-22 11:00:00+00	2026-05-14 10:09:50.81489+00	9f023fcc-9d45-42ed-9e39-a46afde22b4a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	994	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:51.014081+00	ccd0d6ab-99d7-4693-8ef2-097aaa72344b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1004	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-06-18 11:00:00+00	2026-05-14 10:09:51.252707+00	0a8b3e54-0988-404f-be9e-e4185b819361	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1014	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-07-27 11:00:00+00	2026-05-14 10:09:51.470827+00	dadc93ca-21e5-4a3b-bf2b-d34bc39169ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1024	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-09-02 11:00:00+00	2026-05-14 10:09:51.748482+00	3a792ff1-c957-4a71-8308-c8453bd9101c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1034	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-10-08 11:00:00+00	2026-05-14 10:09:51.9767+00	43a74d57-6151-453e-a777-f1c6af8c50b9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1044	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-11-14 12:00:00+00	2026-05-14 10:09:52.160951+00	6a468b5e-a966-456d-956f-d3d20ec34219	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1054	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-12-18 12:00:00+00	2026-05-14 10:09:52.388616+00	e332dfc2-020d-4775-8c1c-d7aa7c500f2d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1064	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-01-25 12:00:00+00	2026-05-14 10:09:52.571138+00	5ceb5263-91e7-4654-9984-5254763f3874	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1074	5c05fc83-edf0-4180-887b-e2b8c6ba608c	correction	2026-02-27 12:00:00+00	2026-05-14 10:09:52.778351+00	8a647f59-cb9f-4b33-9cd4-036960d12c71	1073	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1084	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-04-04 11:00:00+00	2026-05-14 10:09:53.037139+00	edbb0bae-9f38-4d95-a18f-72811baa5bf2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1094	5c05fc83-edf0-4180-887b-e2b8c6ba608c	note	2026-04-14 11:00:00+00	2026-05-14 10:09:53.3011+00	ecb1966c-c894-420d-a8b8-3f85bc4c6f65	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1104	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-06-04 11:00:00+00	2026-05-14 10:09:53.478969+00	a4228191-dd48-4171-9907-a18109233669	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1114	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-07-04 11:00:00+00	2026-05-14 10:09:53.685856+00	9807137f-d90b-4cce-b342-c0547e4d0220	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1124	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-08-06 11:00:00+00	2026-05-14 10:09:53.90935+00	53b4dc23-34b9-4b71-9a4a-e4fc5e05999c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1134	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-09-07 11:00:00+00	2026-05-14 10:09:54.126818+00	29b504c0-2f72-42bb-bfbf-2df4f6653385	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1144	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-10-15 11:00:00+00	2026-05-14 10:09:54.361048+00	52bf7722-3555-4a7c-a385-d2aa1a7f1cd4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1154	d7b06259-d864-4c9d-8801-b5783f4474f9	correction	2025-11-22 12:00:00+00	2026-05-14 10:09:54.563997+00	57c855ba-c8d7-4a5c-81c7-92cd63fb4bf7	1153	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1164	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-12-31 12:00:00+00	2026-05-14 10:09:54.761361+00	b98e7802-12aa-47e9-81b8-ac491f306ca6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1174	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-02-04 12:00:00+00	2026-05-14 10:09:55.014807+00	e2d01022-c256-4a5e-b22d-86c9b3e2851e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1184	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-06 12:00:00+00	2026-05-14 10:09:55.239131+00	c1163b1c-1d50-46af-94f0-9c342f26214a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1194	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-04-14 11:00:00+00	2026-05-14 10:09:55.46482+00	299fb54a-f627-433a-b0ad-6e0a93a35dde	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1204	d7b06259-d864-4c9d-8801-b5783f4474f9	note	2026-01-14 12:00:00+00	2026-05-14 10:09:55.673047+00	3b96d6d8-f7cc-4dbb-a83c-7a187c675766	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1214	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-07 11:00:00+00	2026-05-14 10:09:55.860891+00	2925a118-c693-420a-94be-1bffd6550d68	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1224	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-13 11:00:00+00	2026-05-14 10:09:56.093011+00	160f42e3-8e2e-4c26-b9b0-6b920a4999b4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1234	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-25 11:00:00+00	2026-05-14 10:09:56.284075+00	584acb18-8671-4c6b-a32f-a08680c9be04	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1244	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-01 11:00:00+00	2026-05-14 10:09:56.465434+00	cab75e7b-9f67-467e-b3c6-2635b54a44a1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1254	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-05 12:00:00+00	2026-05-14 10:09:56.680416+00	d8433360-5c21-4063-ba28-3cb4de6fd8ef	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1264	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-05 12:00:00+00	2026-05-14 10:09:56.8594+00	4b30afb5-9af0-43a9-9c06-6686c342b31c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1274	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-13 12:00:00+00	2026-05-14 10:09:57.038809+00	3a8d3c9a-c719-4555-a9ae-700118a0eb47	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1284	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-20 12:00:00+00	2026-05-14 10:09:57.203718+00	2f4ff385-3ee3-41ba-8faf-3b39f07698e2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1294	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-27 12:00:00+00	2026-05-14 10:09:57.3673+00	b485e8fc-669c-45c2-81fe-63f42791d305	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1304	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-03 11:00:00+00	2026-05-14 10:09:57.5441+00	aa2f3337-8f9d-4907-8319-c5d301e35383	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	953	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-02 12:00:00+00	2026-05-14 10:09:50.098992+00	b1d25c0e-1428-4a32-8371-215af230402f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	955	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-02-08 12:00:00+00	2026-05-14 10:09:50.146351+00	5422a239-00c6-4d1d-a8ab-ea2e0ebaef48	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	956	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-10 12:00:00+00	2026-05-14 10:09:50.17311+00	c8264c8e-15be-44ab-9480-cc229dfa292e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	957	0d168206-6ec2-4b63-ace9-02b1c8d55c66	correction	2026-02-10 12:00:00+00	2026-05-14 10:09:50.193614+00	be19a8d0-3f9e-418c-8505-70379efb4afd	956	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	958	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-12 12:00:00+00	2026-05-14 10:09:50.211353+00	d4d3d73f-c747-433f-8ac1-58d04e60c9f0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	959	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-02-14 12:00:00+00	2026-05-14 10:09:50.232601+00	3e9532d4-fc06-48e6-8bce-276bc09569ff	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	960	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-18 12:00:00+00	2026-05-14 10:09:50.26714+00	9ea33288-5873-4b00-b2be-b9089a6e464b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	961	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-20 12:00:00+00	2026-05-14 10:09:50.290777+00	786fda3a-1f09-46b3-85d9-38e71c7fc4f4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	962	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-02-22 12:00:00+00	2026-05-14 10:09:50.317044+00	8155b407-0143-4fb7-8b9f-14f353697e45	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	963	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-02-26 12:00:00+00	2026-05-14 10:09:50.340741+00	b65019c9-80d1-49d4-bfb7-84a71fec9639	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	965	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-03-05 12:00:00+00	2026-05-14 10:09:50.385287+00	fc549d2a-f659-4728-83f7-a0e0d5086401	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	966	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-07 12:00:00+00	2026-05-14 10:09:50.40795+00	80c3f841-1da3-4c93-a1e8-2f263c323cdf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	967	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-09 12:00:00+00	2026-05-14 10:09:50.427509+00	ef630fe8-3c94-4331-a082-2421d7271e32	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	968	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-03-11 12:00:00+00	2026-05-14 10:09:50.447863+00	b03d0604-4d9c-4459-a59d-475a33885cfb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	969	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-14 12:00:00+00	2026-05-14 10:09:50.470771+00	1cd795b0-f365-4596-86ae-842d60f365b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	970	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-16 12:00:00+00	2026-05-14 10:09:50.491723+00	ddeb7fc0-d15a-49ed-bf20-9aded3c5673c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	971	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-03-20 12:00:00+00	2026-05-14 10:09:50.512195+00	63f90ab9-0f3b-4fca-96e0-e5f7f085dfbe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	972	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-22 12:00:00+00	2026-05-14 10:09:50.53767+00	554accde-b36f-4929-ae69-5a4e2806e98f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	973	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-03-25 12:00:00+00	2026-05-14 10:09:50.559159+00	5abfb12b-c4be-4619-a5f1-c2a0eecbeeaa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	975	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-01 11:00:00+00	2026-05-14 10:09:50.612587+00	4abab45e-e83f-4132-9056-a73787267ab9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	976	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-04 11:00:00+00	2026-05-14 10:09:50.639377+00	8dfbc1d6-3b4b-4c8d-9f62-eeb87f9bba32	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	977	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-08 11:00:00+00	2026-05-14 10:09:50.659866+00	07c34bb5-17a7-4815-934d-38643ad903f5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	978	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-10 11:00:00+00	2026-05-14 10:09:50.684986+00	7a186e7e-74a6-405b-85f8-eb8455659542	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	979	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-12 11:00:00+00	2026-05-14 10:09:50.707773+00	935cfd43-dcb0-4fc0-a141-b5ca31f754d5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	980	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-14 11:00:00+00	2026-05-14 10:09:50.729103+00	4a0de52c-44fb-43f2-9550-a95d42b40422	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	981	0d168206-6ec2-4b63-ace9-02b1c8d55c66	correction	2026-04-14 11:00:00+00	2026-05-14 10:09:50.755914+00	4632607a-dc65-427b-a116-811595201df0	980	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	982	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-17 11:00:00+00	2026-05-14 10:09:50.773581+00	1723b20e-9b81-4caf-840c-14bccfbef196	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	983	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-19 11:00:00+00	2026-05-14 10:09:50.79377+00	eed2e2cd-a6d2-413b-a59a-b5de9e380a48	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	985	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-26 11:00:00+00	2026-05-14 10:09:50.841285+00	9404abba-4495-47f0-a142-f2de260eac94	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	986	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-04-28 11:00:00+00	2026-05-14 10:09:50.869056+00	45924d8d-b15d-417b-bf86-18df0b73497f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	987	0d168206-6ec2-4b63-ace9-02b1c8d55c66	feeding	2026-04-30 11:00:00+00	2026-05-14 10:09:50.894126+00	7935ca52-a303-4c2f-8903-eb307dd4047a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	988	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-04 11:00:00+00	2026-05-14 10:09:50.921288+00	3a61f095-2de2-46b2-8265-1164cf8f4ece	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	989	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-07 11:00:00+00	2026-05-14 10:09:50.943292+00	00bf33a5-6b21-4667-80a9-670f840d1838	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	990	0d168206-6ec2-4b63-ace9-02b1c8d55c66	note	2026-04-14 11:00:00+00	2026-05-14 10:09:50.96529+00	b1d8aba0-6a9c-4768-9047-2839f349c2cd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	991	0d168206-6ec2-4b63-ace9-02b1c8d55c66	note	2026-01-14 12:00:00+00	2026-05-14 10:09:50.977116+00	08f4987f-17f2-49e9-b931-26e0fab5f444	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	992	0d168206-6ec2-4b63-ace9-02b1c8d55c66	note	2025-10-16 11:00:00+00	2026-05-14 10:09:50.991451+00	5f2461f6-f1e2-43f5-95f6-c720bf7cae90	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	993	0d168206-6ec2-4b63-ace9-02b1c8d55c66	note	2025-07-18 11:00:00+00	2026-05-14 10:09:51.000918+00	c53df667-7729-4a69-8c24-335b167347cb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	995	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-05-17 11:00:00+00	2026-05-14 10:09:51.041834+00	b64034ec-f332-49d7-ab63-614ddc0cdb9c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	996	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-05-20 11:00:00+00	2026-05-14 10:09:51.063211+00	9b836ab4-4f09-437f-9902-a02d1e2176fd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	997	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-05-25 11:00:00+00	2026-05-14 10:09:51.087622+00	4b7c9e05-ed7b-4262-96de-abecedf44e18	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	998	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-05-28 11:00:00+00	2026-05-14 10:09:51.108167+00	9c55eaa7-02a5-4777-9a83-264c4e4c9558	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	999	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-06-02 11:00:00+00	2026-05-14 10:09:51.129586+00	5b42bc39-e7bf-4f12-8e9a-51adfc9e7f1a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1000	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-06-05 11:00:00+00	2026-05-14 10:09:51.157181+00	87e6763a-0155-414e-a4e8-db631af95f78	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1001	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-06-09 11:00:00+00	2026-05-14 10:09:51.180236+00	92bbae5c-6e0b-4240-afad-21ca05b30af2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1002	5c05fc83-edf0-4180-887b-e2b8c6ba608c	correction	2025-06-09 11:00:00+00	2026-05-14 10:09:51.200537+00	5926fcf0-01f6-49f4-81cb-2906850ae430	1001	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1003	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-06-13 11:00:00+00	2026-05-14 10:09:51.220993+00	5ca949ec-9b08-472e-8348-64ef4ef16286	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1005	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-06-21 11:00:00+00	2026-05-14 10:09:51.274586+00	0f507cb6-14c9-4dfc-9716-aba051f116ca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1006	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-06-26 11:00:00+00	2026-05-14 10:09:51.294827+00	71d576de-2395-4fef-a7ac-e41b6b277ec7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1007	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-06-29 11:00:00+00	2026-05-14 10:09:51.318328+00	e92b544c-b2f3-4aee-a68c-c2e787ad5f65	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1008	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-07-04 11:00:00+00	2026-05-14 10:09:51.339673+00	e8221e00-0551-4c0b-ab29-88c8dd9fa6f7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1009	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-07-09 11:00:00+00	2026-05-14 10:09:51.362363+00	6b709a96-1fab-4bba-8999-5265f071f9b9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1010	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-07-12 11:00:00+00	2026-05-14 10:09:51.381358+00	d12dda65-8297-4ee6-befa-da439300238e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1011	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-07-17 11:00:00+00	2026-05-14 10:09:51.399582+00	c798970a-1f59-42d3-b928-d1e412cf208c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1012	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-07-20 11:00:00+00	2026-05-14 10:09:51.41717+00	a466a35a-a9e0-402e-ae23-5fc3bf5ea0e5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1013	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-07-23 11:00:00+00	2026-05-14 10:09:51.445047+00	74ab4710-82a5-4260-ba97-844211f24587	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1015	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-07-30 11:00:00+00	2026-05-14 10:09:51.492109+00	bc335e51-1a59-41bc-8af8-d02382615cef	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1016	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-08-02 11:00:00+00	2026-05-14 10:09:51.516237+00	876b97d4-3db2-43cc-b2e3-036e5b428fc8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1017	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-08-06 11:00:00+00	2026-05-14 10:09:51.540896+00	49ae2f37-2bf4-444c-8187-c307135eb234	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1018	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-08-10 11:00:00+00	2026-05-14 10:09:51.566117+00	d570e7d9-cd47-4ab2-85e6-5adc77ba56ca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1019	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-08-14 11:00:00+00	2026-05-14 10:09:51.589246+00	f05d3ad2-d4cd-4d9c-ab37-185d41fe5f24	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1020	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-08-17 11:00:00+00	2026-05-14 10:09:51.649172+00	f68ce8b8-60c4-41e9-95ae-4672b77dc6bf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1021	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-08-21 11:00:00+00	2026-05-14 10:09:51.678115+00	f7c977dd-f8a5-4f20-bdb7-f2a64cfd0bba	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1022	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-08-25 11:00:00+00	2026-05-14 10:09:51.701799+00	79ebb9c6-acde-41a2-b9c5-c0121cc48dd8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1023	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-08-29 11:00:00+00	2026-05-14 10:09:51.723624+00	3b849f99-57c2-4629-b4c3-a1760edf80dd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1025	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-09-05 11:00:00+00	2026-05-14 10:09:51.772057+00	6a7719cb-613b-4b4d-95d3-ada24c7d46f1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1026	5c05fc83-edf0-4180-887b-e2b8c6ba608c	correction	2025-09-05 11:00:00+00	2026-05-14 10:09:51.793567+00	8c7ac877-3256-457c-a2f5-1815a78b577f	1025	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1027	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-09-08 11:00:00+00	2026-05-14 10:09:51.81177+00	43098e2c-2521-4be4-a1b2-c6cb1c2d0f75	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1028	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-09-11 11:00:00+00	2026-05-14 10:09:51.838519+00	edaac318-5010-4bf6-8062-45939d70d51d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1029	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-09-14 11:00:00+00	2026-05-14 10:09:51.865697+00	b3c40dd2-a604-4495-b19f-f55ecbc63275	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1030	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-09-19 11:00:00+00	2026-05-14 10:09:51.888417+00	d6aeb27f-9927-4cd6-ae28-685c76436f6f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1031	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-09-24 11:00:00+00	2026-05-14 10:09:51.910832+00	9a640332-b622-4ec0-a46e-5c0f1e7d739e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1032	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-09-29 11:00:00+00	2026-05-14 10:09:51.930336+00	8ba23001-2572-4d9e-95b4-5779bf15167a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1033	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-10-03 11:00:00+00	2026-05-14 10:09:51.946095+00	303c1e3b-b5c5-47f4-a98a-96d788b78086	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1035	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-10-13 11:00:00+00	2026-05-14 10:09:51.993076+00	4ef1f032-3eec-424e-812b-8965570a40db	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1036	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-10-16 11:00:00+00	2026-05-14 10:09:52.009296+00	0c52a330-b832-41cd-887a-611399922826	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1037	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-10-19 11:00:00+00	2026-05-14 10:09:52.031199+00	50326212-143f-4e87-a01b-13330b4ef761	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1038	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-10-22 11:00:00+00	2026-05-14 10:09:52.04745+00	7445b6de-fe25-4e88-9ba7-4c318b5d11ba	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1039	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-10-26 12:00:00+00	2026-05-14 10:09:52.067777+00	365027f0-fb49-4055-b655-c7f2d95a39f8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1040	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-10-29 12:00:00+00	2026-05-14 10:09:52.085564+00	676e7f3b-9890-46aa-9cb5-c170a34dc938	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1041	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-11-01 12:00:00+00	2026-05-14 10:09:52.103558+00	1a5338f5-a8f3-497c-93fa-1bd5e1282520	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1042	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-11-05 12:00:00+00	2026-05-14 10:09:52.120747+00	d80a4ae4-5f34-435b-9414-0ea54079353a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1043	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-11-09 12:00:00+00	2026-05-14 10:09:52.138415+00	fe87c181-3f4c-4bd1-9268-454a1d554085	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1045	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-11-18 12:00:00+00	2026-05-14 10:09:52.179146+00	e8eddd84-5be3-4fdd-bfa0-219b77c856a4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1046	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-11-21 12:00:00+00	2026-05-14 10:09:52.204554+00	598423c7-b69d-4ba2-896b-778a68b1bf01	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1047	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-11-26 12:00:00+00	2026-05-14 10:09:52.22786+00	821737f5-5489-485d-b99b-68af4acd77ec	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1048	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-11-29 12:00:00+00	2026-05-14 10:09:52.255452+00	ce766c1e-8833-401f-8426-62c5616dc6d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1049	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-12-02 12:00:00+00	2026-05-14 10:09:52.279833+00	b8e05028-e6ba-49d7-afb4-d9baf3073d70	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1050	5c05fc83-edf0-4180-887b-e2b8c6ba608c	correction	2025-12-02 12:00:00+00	2026-05-14 10:09:52.303436+00	9ec675fb-ecc4-4919-bad1-a3fe4163d81a	1049	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1051	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-12-07 12:00:00+00	2026-05-14 10:09:52.321875+00	198b7f14-46c5-41b9-8a94-780ba15dbc92	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1052	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-12-10 12:00:00+00	2026-05-14 10:09:52.34298+00	7b64cbea-7007-4edb-8f02-b9bab90b80ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1053	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-12-13 12:00:00+00	2026-05-14 10:09:52.369027+00	78b66fc4-8a09-4949-85b5-a2169bd55914	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1055	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-12-22 12:00:00+00	2026-05-14 10:09:52.408766+00	21939a22-155c-4d20-aff9-25f23e58b0d4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1056	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2025-12-27 12:00:00+00	2026-05-14 10:09:52.426492+00	cf68827a-8d80-42de-b47a-4e26c1ce5b04	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1057	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2025-12-30 12:00:00+00	2026-05-14 10:09:52.448638+00	b052754c-a092-4364-9cd8-c6af5d5cf7d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1058	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-01-02 12:00:00+00	2026-05-14 10:09:52.465845+00	c93bac68-f1c1-42a1-9d9b-59198fe5def4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1059	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-01-06 12:00:00+00	2026-05-14 10:09:52.482858+00	a4810b79-45d9-4be5-9b5a-d5a4819fb756	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1060	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-01-09 12:00:00+00	2026-05-14 10:09:52.499663+00	64eeedcf-1139-4a9a-822e-472d79b4aee9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1061	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-01-12 12:00:00+00	2026-05-14 10:09:52.51585+00	25f12448-59cd-4b30-8e61-104c3a814c99	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1062	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-01-15 12:00:00+00	2026-05-14 10:09:52.533648+00	38b709c2-4ce8-4d2f-b110-57f132b06ce7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1063	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-01-20 12:00:00+00	2026-05-14 10:09:52.55312+00	12d81c57-db40-4118-9d89-6cc81e1da8d5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1065	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-01-28 12:00:00+00	2026-05-14 10:09:52.590913+00	95380fd4-8e3b-4787-a516-03070209ec7a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1066	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-01-31 12:00:00+00	2026-05-14 10:09:52.611651+00	4090245d-dcec-4a72-ba17-ff2818a8a68f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1067	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-02-03 12:00:00+00	2026-05-14 10:09:52.629465+00	d4310182-6502-47a4-b61a-baa146ee1d9d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1068	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-02-08 12:00:00+00	2026-05-14 10:09:52.649049+00	54c3404f-56b7-4c3c-a69c-c7da6b5f841a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1069	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-02-13 12:00:00+00	2026-05-14 10:09:52.67932+00	5fca56e5-29de-4db8-b329-cbe83d182749	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1070	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-02-16 12:00:00+00	2026-05-14 10:09:52.700426+00	868f5c56-fa3a-4e52-9d1d-9221381a3192	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1071	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-02-19 12:00:00+00	2026-05-14 10:09:52.7226+00	90be6e6c-da93-4647-accb-6867bc920ae5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1072	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-02-23 12:00:00+00	2026-05-14 10:09:52.740585+00	93a1d853-58db-4622-a75b-c63250a80c48	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1073	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-02-27 12:00:00+00	2026-05-14 10:09:52.758812+00	96595dbf-2232-417f-a64e-9101a9e17d44	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1075	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-03-03 12:00:00+00	2026-05-14 10:09:52.798463+00	133376ba-208f-440a-a4f2-be6e07278f10	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1076	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-07 12:00:00+00	2026-05-14 10:09:52.818518+00	cbf39e36-76df-4427-b60c-d514c88d4d98	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1077	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-11 12:00:00+00	2026-05-14 10:09:52.838724+00	1f89d023-4128-475b-8e41-4093bd70e6d6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1078	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-03-15 12:00:00+00	2026-05-14 10:09:52.860999+00	844ddd59-dc00-4c11-b5e5-5cca7fe3ba34	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1079	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-18 12:00:00+00	2026-05-14 10:09:52.883723+00	d77e5c70-138c-4fa7-8d2f-ce12446018b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1080	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-23 12:00:00+00	2026-05-14 10:09:52.915485+00	02ed4c4c-c979-4c09-a6d4-846fbfdca1c3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1081	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-03-26 12:00:00+00	2026-05-14 10:09:52.951011+00	6a114662-8bc2-4842-b2e5-a557e545e051	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1082	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-03-29 11:00:00+00	2026-05-14 10:09:52.979433+00	2d021f2b-8c43-49db-9b8b-4ff3c90e6fdd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1083	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-01 11:00:00+00	2026-05-14 10:09:53.011638+00	15ed3745-4f9d-49fc-9c61-38da7c21461c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1085	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-08 11:00:00+00	2026-05-14 10:09:53.06882+00	15c3193a-22b0-415d-9032-e1791b06ab3c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1086	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-11 11:00:00+00	2026-05-14 10:09:53.091021+00	dd673e74-c30f-4320-93d9-7785c547cf24	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1087	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-04-15 11:00:00+00	2026-05-14 10:09:53.111265+00	1c2a2aa0-94ed-4a07-9be1-46a22660f5d4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1088	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-18 11:00:00+00	2026-05-14 10:09:53.14468+00	a6e453c5-bc7a-4d7d-b580-e257e13c0b49	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1089	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-23 11:00:00+00	2026-05-14 10:09:53.181062+00	faa12589-d06e-461f-939f-ea6353e63d59	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1090	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-04-27 11:00:00+00	2026-05-14 10:09:53.206068+00	c786e95c-8b7f-449f-bbd2-b74511508d2e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1091	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-04-30 11:00:00+00	2026-05-14 10:09:53.228027+00	4226f9aa-13a8-405d-ac02-fb6e0c03fa1a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1092	5c05fc83-edf0-4180-887b-e2b8c6ba608c	watering	2026-05-03 11:00:00+00	2026-05-14 10:09:53.248711+00	cf33b172-b69f-42ba-b1ae-c85aaceb1886	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1093	5c05fc83-edf0-4180-887b-e2b8c6ba608c	feeding	2026-05-08 11:00:00+00	2026-05-14 10:09:53.269552+00	66ea5293-4241-48d5-bcf7-6dc3337082be	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1095	5c05fc83-edf0-4180-887b-e2b8c6ba608c	note	2026-01-14 12:00:00+00	2026-05-14 10:09:53.310364+00	52d7f869-8c33-4d93-a135-9c3711d6a87a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1096	5c05fc83-edf0-4180-887b-e2b8c6ba608c	note	2025-10-16 11:00:00+00	2026-05-14 10:09:53.318651+00	370199e3-03fe-4a7e-8512-9e924d807797	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1097	5c05fc83-edf0-4180-887b-e2b8c6ba608c	note	2025-07-18 11:00:00+00	2026-05-14 10:09:53.327337+00	99078551-c748-4edc-94e2-06ed301914c3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1098	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:53.33932+00	88e3bc94-186e-4c78-b3ce-e5b59148d8e5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1099	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-05-17 11:00:00+00	2026-05-14 10:09:53.367981+00	88a8d5d6-ba4f-43af-8cf9-11d5ff5d786b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1100	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-05-20 11:00:00+00	2026-05-14 10:09:53.393763+00	8995e3a9-59e8-40e0-9171-bd0a7b96563b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1101	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-05-25 11:00:00+00	2026-05-14 10:09:53.417385+00	e2099970-b920-44d9-9dba-be56ff8689d1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1102	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-05-28 11:00:00+00	2026-05-14 10:09:53.437637+00	c1315f1b-591e-4fd9-a0ac-515658fe3e6f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1103	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-06-01 11:00:00+00	2026-05-14 10:09:53.457549+00	e0392f31-298b-43f7-b744-ce53637f38a8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1105	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-06-08 11:00:00+00	2026-05-14 10:09:53.499622+00	31484429-0206-4e37-a705-9a3f760dd86a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1106	d7b06259-d864-4c9d-8801-b5783f4474f9	correction	2025-06-08 11:00:00+00	2026-05-14 10:09:53.52047+00	91cbf12b-5026-467a-b410-c6eae21f3ee6	1105	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1107	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-06-11 11:00:00+00	2026-05-14 10:09:53.537418+00	95d52a13-00a0-4629-b08f-7f0160db357c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1108	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-06-14 11:00:00+00	2026-05-14 10:09:53.560898+00	60d5eb54-9107-4478-8e3e-43fd9e76c297	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1109	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-06-17 11:00:00+00	2026-05-14 10:09:53.581745+00	1f4ac0ff-e6b1-42c1-9a33-df99fedfeb05	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1110	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-06-20 11:00:00+00	2026-05-14 10:09:53.60176+00	4c11ffa9-2005-4ac2-aaaf-54fd151b35ac	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1111	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-06-23 11:00:00+00	2026-05-14 10:09:53.623521+00	89cd7a4b-3ee3-4405-aaee-1573cc91f294	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1112	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-06-26 11:00:00+00	2026-05-14 10:09:53.644025+00	8aa60986-c164-450a-ac3d-7117c393c9d5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1113	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-06-29 11:00:00+00	2026-05-14 10:09:53.664507+00	32913ebe-17d7-4f8d-ad0a-2ca6dd5bb86f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1115	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-07-08 11:00:00+00	2026-05-14 10:09:53.708044+00	f460efd5-3bd7-4b63-8675-5df1a713f16b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1116	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-07-11 11:00:00+00	2026-05-14 10:09:53.727678+00	1d1bf870-a10b-4ecd-a2b3-76f77cd5ee24	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1117	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-07-14 11:00:00+00	2026-05-14 10:09:53.756722+00	58c96730-a687-4005-ad5d-188a81c5cf77	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1118	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-07-18 11:00:00+00	2026-05-14 10:09:53.77796+00	ba139197-4328-4077-900d-b49bc744b795	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1119	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-07-21 11:00:00+00	2026-05-14 10:09:53.800501+00	c6319734-daf1-4c97-97b4-504ff6de65e2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1120	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-07-24 11:00:00+00	2026-05-14 10:09:53.822859+00	6662986e-88b0-4160-be70-1da4acca0b40	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1121	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-07-28 11:00:00+00	2026-05-14 10:09:53.841913+00	11f4032f-76d6-4680-b810-1236c1f8ffd8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1122	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-07-31 11:00:00+00	2026-05-14 10:09:53.863351+00	6126f116-4c44-4f0b-aad2-de349c9848ca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1123	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-08-03 11:00:00+00	2026-05-14 10:09:53.89096+00	0804ceb9-b3a2-43e9-b2c5-1f343ca8b310	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1125	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-08-10 11:00:00+00	2026-05-14 10:09:53.930794+00	723f1c78-1ea4-40cd-a57a-19eb6c7e33ec	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1126	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-08-13 11:00:00+00	2026-05-14 10:09:53.950924+00	1fabc7fd-98de-4814-9b50-09820d66dd1e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1127	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-08-16 11:00:00+00	2026-05-14 10:09:53.970001+00	471ab5ca-230f-42c0-915c-e1093e33c111	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1128	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-08-19 11:00:00+00	2026-05-14 10:09:53.989046+00	4f2957d8-dfa4-491e-8997-d0c2e61137e4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1129	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-08-23 11:00:00+00	2026-05-14 10:09:54.038629+00	2954e56b-eeec-484d-9f6d-25ba06e2c6aa	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1130	d7b06259-d864-4c9d-8801-b5783f4474f9	correction	2025-08-23 11:00:00+00	2026-05-14 10:09:54.056248+00	bda7e058-e5e9-4548-998c-a83014e91297	1129	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1131	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-08-28 11:00:00+00	2026-05-14 10:09:54.07139+00	5a8559fd-663f-4cb5-9569-a30897ea8250	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1132	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-08-31 11:00:00+00	2026-05-14 10:09:54.091169+00	41a7ab47-18e5-4281-8f4c-f921283f35c7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1133	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-09-04 11:00:00+00	2026-05-14 10:09:54.109875+00	31684a04-ea33-4362-8829-a6f144d02930	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1135	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-09-10 11:00:00+00	2026-05-14 10:09:54.148662+00	b9e9b0c9-c767-41ae-b2a3-eadd38f15b04	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1136	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-09-13 11:00:00+00	2026-05-14 10:09:54.185222+00	fb242e47-ffbc-4a75-bc0e-8f7ec69696f6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1137	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-09-18 11:00:00+00	2026-05-14 10:09:54.2065+00	ce886531-b758-488c-907a-14f0dad0a289	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1138	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-09-23 11:00:00+00	2026-05-14 10:09:54.226189+00	56a39802-a201-4b7b-be6c-6f240f96deea	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1139	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-09-26 11:00:00+00	2026-05-14 10:09:54.252258+00	2276f4f1-e928-4da6-a0e5-9afc59fd80c6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1140	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-10-01 11:00:00+00	2026-05-14 10:09:54.273124+00	0a52dad7-546f-49c6-9c09-08a1e586f571	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1141	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-10-06 11:00:00+00	2026-05-14 10:09:54.293176+00	ee8e54de-e4aa-4f1c-aa5c-955db39cabb2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1142	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-10-09 11:00:00+00	2026-05-14 10:09:54.31933+00	d4ba9c8f-81c3-4e0a-96a5-68d101dbc6ad	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1143	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-10-12 11:00:00+00	2026-05-14 10:09:54.340534+00	8aabbcf5-8573-4150-b765-dc6f908e4981	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1145	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-10-20 11:00:00+00	2026-05-14 10:09:54.386768+00	6287b1b8-1721-4db7-89d9-49e7b84eae8c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1146	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-10-24 11:00:00+00	2026-05-14 10:09:54.405788+00	9efd9795-5f78-4aaf-94f8-bdf159363cc5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1147	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-10-29 12:00:00+00	2026-05-14 10:09:54.426655+00	54d40725-604a-438c-9df8-fb7d80b311a5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1148	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-11-02 12:00:00+00	2026-05-14 10:09:54.445601+00	a81f5f45-775a-4c66-aa1a-7563a70739c9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1149	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-11-06 12:00:00+00	2026-05-14 10:09:54.46433+00	2a0437c7-2dbe-4bac-a518-ebff9b2069bd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1150	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-11-09 12:00:00+00	2026-05-14 10:09:54.490714+00	6e3da563-badd-47d5-9de5-3f90fe9e72f1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1151	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-11-13 12:00:00+00	2026-05-14 10:09:54.50965+00	d4826faf-d86f-4346-9b92-52d33da50ca0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1152	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-11-17 12:00:00+00	2026-05-14 10:09:54.526566+00	080f5ed2-4fe2-4ba9-9f2d-e98404ad8acd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1153	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-11-22 12:00:00+00	2026-05-14 10:09:54.544223+00	59cdea2c-7cd7-4c3f-9ebf-e72dabd70e4d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1155	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-11-27 12:00:00+00	2026-05-14 10:09:54.583302+00	5672536d-3c55-4e54-85e8-d94a8b4a72f7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1156	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-11-30 12:00:00+00	2026-05-14 10:09:54.601523+00	b6502f0b-77e0-4cf7-a30c-801bd3655682	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1157	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-12-04 12:00:00+00	2026-05-14 10:09:54.618675+00	c32e118e-0403-4641-8fd8-339bfab470f6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1158	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-12-07 12:00:00+00	2026-05-14 10:09:54.638177+00	c54ea5b7-31e5-45cb-9af9-d13bca9d954b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1159	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-12-12 12:00:00+00	2026-05-14 10:09:54.660147+00	dc4d1fc4-454b-4910-a5b7-34025f9b141a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1160	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-12-15 12:00:00+00	2026-05-14 10:09:54.679139+00	8f1e4edd-262d-4083-a746-df164b622533	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1161	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-12-18 12:00:00+00	2026-05-14 10:09:54.697532+00	d048604d-c2f5-4e4b-a602-2c79958c3b07	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1162	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2025-12-23 12:00:00+00	2026-05-14 10:09:54.716557+00	9a608433-0540-4171-a4a9-2569491e8cb0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1163	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2025-12-26 12:00:00+00	2026-05-14 10:09:54.738243+00	c21a559e-1a8d-4b1b-9e85-0e6143baf4e7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1165	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-01-03 12:00:00+00	2026-05-14 10:09:54.78255+00	df42f0c1-58ab-4c59-89dc-ef5b392a8bbe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1166	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-01-06 12:00:00+00	2026-05-14 10:09:54.805493+00	6ea7bb70-ee82-401d-895e-67e732a57340	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1167	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-01-11 12:00:00+00	2026-05-14 10:09:54.83943+00	11650bc2-d6f6-407e-8cd9-b272fd2e993e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1168	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-01-15 12:00:00+00	2026-05-14 10:09:54.861375+00	df543371-fb3f-4c2a-bc6c-f92180064fc3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1169	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-01-18 12:00:00+00	2026-05-14 10:09:54.884473+00	a78ad915-15fc-4bc2-ae4a-616c6859c147	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1170	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-01-21 12:00:00+00	2026-05-14 10:09:54.917088+00	a214e0f4-979a-48bd-8467-c9e303e79497	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1171	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-01-24 12:00:00+00	2026-05-14 10:09:54.942555+00	37417ca9-47e0-4d7f-b133-823f4cb47156	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1172	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-01-27 12:00:00+00	2026-05-14 10:09:54.969562+00	205a834d-33c5-4085-ac6d-89005be8e918	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1173	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-01-30 12:00:00+00	2026-05-14 10:09:54.993864+00	3c13f965-1914-4e48-af58-fcecb34bf904	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1175	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-02-07 12:00:00+00	2026-05-14 10:09:55.03537+00	6cefd0fd-1259-4967-acae-8868b2458855	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1176	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-02-11 12:00:00+00	2026-05-14 10:09:55.055016+00	6488fc9a-09e6-42ec-a0e8-f21e0600224b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1177	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-02-14 12:00:00+00	2026-05-14 10:09:55.076472+00	faff12a4-4f9b-4a32-b146-6cf276a4dd14	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1178	d7b06259-d864-4c9d-8801-b5783f4474f9	correction	2026-02-14 12:00:00+00	2026-05-14 10:09:55.102357+00	5d88fca4-0e04-4818-a993-32212d6672bc	1177	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1179	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-02-18 12:00:00+00	2026-05-14 10:09:55.120884+00	5cd8b22c-7f5b-4b0c-92b4-7532b1a5b753	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1180	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-02-22 12:00:00+00	2026-05-14 10:09:55.14491+00	63e5a5ee-7acc-4756-9502-6a90008f7bf8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1181	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-02-25 12:00:00+00	2026-05-14 10:09:55.168589+00	ab37c23b-ebb3-4bd8-8a86-569bd80292e1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1182	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-02-28 12:00:00+00	2026-05-14 10:09:55.188676+00	02924974-9a45-463a-bc02-0b7919d6dbf6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1183	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-03 12:00:00+00	2026-05-14 10:09:55.211211+00	8d10a22e-972f-410a-b9a5-2bddc761508c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1185	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-03-11 12:00:00+00	2026-05-14 10:09:55.261835+00	cf74032f-f555-4f02-be61-604daca4d602	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1186	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-16 12:00:00+00	2026-05-14 10:09:55.288958+00	f86490d6-adbb-486b-af01-726e39169c66	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1187	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-19 12:00:00+00	2026-05-14 10:09:55.312948+00	3887ba94-c75a-4a6f-8c3d-df41f2b9c540	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1188	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-03-22 12:00:00+00	2026-05-14 10:09:55.339052+00	ea56cc11-cca1-4e13-97f4-fc6f06da2d0c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1189	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-25 12:00:00+00	2026-05-14 10:09:55.361746+00	248daf36-7458-4519-b4e1-1fc13b2a80b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1190	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-03-30 11:00:00+00	2026-05-14 10:09:55.383182+00	5b515eac-414f-4f70-9a58-121782d79149	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1191	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-04-03 11:00:00+00	2026-05-14 10:09:55.40231+00	6a18fece-1e02-42bf-bf6c-0804e1de33df	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1192	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-06 11:00:00+00	2026-05-14 10:09:55.421591+00	439146a3-a34e-4d99-b6b3-0392614c9db9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1193	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-11 11:00:00+00	2026-05-14 10:09:55.440107+00	b9434dbe-caa2-470c-9c5d-8b8c01ec26fb	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1195	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-17 11:00:00+00	2026-05-14 10:09:55.485448+00	520ab82a-7c04-4f9b-a3db-6be29242bbc5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1196	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-20 11:00:00+00	2026-05-14 10:09:55.503849+00	1702b607-4176-4b05-9f81-42886d6718e6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1197	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-04-23 11:00:00+00	2026-05-14 10:09:55.522761+00	cb02d15e-85cc-4c5e-bbf8-3a8a687c44cd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1198	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-04-28 11:00:00+00	2026-05-14 10:09:55.545275+00	62f3a44c-fe5e-4845-b61d-910cee3a17b5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1199	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-05-01 11:00:00+00	2026-05-14 10:09:55.566167+00	a9b7d5e1-e1b7-467f-a6d1-cf3eebf33009	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1200	d7b06259-d864-4c9d-8801-b5783f4474f9	feeding	2026-05-04 11:00:00+00	2026-05-14 10:09:55.5913+00	e810eff7-e553-499d-ba01-5a6a4ad7e05b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1201	d7b06259-d864-4c9d-8801-b5783f4474f9	watering	2026-05-07 11:00:00+00	2026-05-14 10:09:55.61707+00	b88b26d8-f2f4-4adc-b954-2b8195d8da45	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1202	d7b06259-d864-4c9d-8801-b5783f4474f9	correction	2026-05-07 11:00:00+00	2026-05-14 10:09:55.641019+00	c5861b63-a352-4d15-a9aa-b1f70d99f89b	1201	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1203	d7b06259-d864-4c9d-8801-b5783f4474f9	note	2026-04-14 11:00:00+00	2026-05-14 10:09:55.662567+00	d3aede46-59cb-4dbf-9ca3-b35613a2eb5f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1205	d7b06259-d864-4c9d-8801-b5783f4474f9	note	2025-10-16 11:00:00+00	2026-05-14 10:09:55.682199+00	1230c45f-461c-47a4-b0ee-58e65f6a8637	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1206	d7b06259-d864-4c9d-8801-b5783f4474f9	note	2025-07-18 11:00:00+00	2026-05-14 10:09:55.69112+00	c4da27db-380b-4c42-a2a5-22813e015d2a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1207	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-05-14 11:00:00+00	2026-05-14 10:09:55.704393+00	f872f090-1654-4934-84b8-156a82993943	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1208	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-05-17 11:00:00+00	2026-05-14 10:09:55.728944+00	83cb3d7f-50fc-4e48-9260-c683239c3255	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1209	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-05-22 11:00:00+00	2026-05-14 10:09:55.748706+00	deb84ad7-56b7-48ed-bce5-4463b5614ab2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1210	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-05-26 11:00:00+00	2026-05-14 10:09:55.772+00	ec9cd355-82e9-440f-91f2-b9859487a8db	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1211	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-05-29 11:00:00+00	2026-05-14 10:09:55.791377+00	7ceb1f14-6212-4624-8990-47d0f4b84c1c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1212	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-01 11:00:00+00	2026-05-14 10:09:55.812783+00	49e2550c-2332-4267-ba82-42f5cc25acdc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1213	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-04 11:00:00+00	2026-05-14 10:09:55.841835+00	05542262-36e8-4657-a941-5aa9586f91b2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1215	888617e8-b1d6-4e02-b5eb-ac58c3a73722	correction	2025-06-07 11:00:00+00	2026-05-14 10:09:55.880987+00	f6e133af-5085-4236-9e20-b29b0c121928	1214	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1216	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-10 11:00:00+00	2026-05-14 10:09:55.904935+00	7b9a22f7-cf6e-4d10-b5a0-6d7ed0b88ca5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1217	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-14 11:00:00+00	2026-05-14 10:09:55.940868+00	0644ce6b-5cf4-4b80-adcb-7de766325e9e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1218	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-17 11:00:00+00	2026-05-14 10:09:55.965653+00	403a7030-0a11-4d22-a68c-60bd4e9a92af	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1219	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-22 11:00:00+00	2026-05-14 10:09:55.989784+00	99e8a91b-4a31-4f7a-9db5-09c5ba40fb36	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1220	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-06-27 11:00:00+00	2026-05-14 10:09:56.011142+00	47ea3c33-05ef-435f-8d42-d307bb118ea9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1221	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-01 11:00:00+00	2026-05-14 10:09:56.030431+00	6c6581f4-0112-4452-b3ed-d89f12c97944	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1222	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-05 11:00:00+00	2026-05-14 10:09:56.050863+00	b9ab72d5-7280-43ee-b7c1-61f667817823	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1223	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-08 11:00:00+00	2026-05-14 10:09:56.07507+00	1c9ff1f6-6fe7-4041-9c32-72102180bb5f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1225	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-18 11:00:00+00	2026-05-14 10:09:56.113561+00	4b9d5267-8574-417d-832d-6456c0dc9f50	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1226	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-22 11:00:00+00	2026-05-14 10:09:56.130074+00	48e19433-a872-4af0-be9c-94416acc421a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1227	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-07-27 11:00:00+00	2026-05-14 10:09:56.146366+00	18902002-de27-4cf5-9578-852f4e55d05a	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1228	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-01 11:00:00+00	2026-05-14 10:09:56.164601+00	d1cffcb2-6261-4e9f-86eb-29721c528916	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1229	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-04 11:00:00+00	2026-05-14 10:09:56.185604+00	ef6232f3-41e2-49fc-ae00-ea5e516a7a50	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1230	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-07 11:00:00+00	2026-05-14 10:09:56.201795+00	c6ee6800-0752-4595-8b06-b1cb41257322	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1231	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-12 11:00:00+00	2026-05-14 10:09:56.232948+00	3cf4525d-5ac7-4f2b-8480-b983a0a78bd4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1232	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-17 11:00:00+00	2026-05-14 10:09:56.24965+00	caf9906d-45ba-46c8-8137-55e6a3c82483	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1233	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-20 11:00:00+00	2026-05-14 10:09:56.265764+00	4e2cedbd-74b1-427c-af43-f686dd6a2b67	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1235	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-08-30 11:00:00+00	2026-05-14 10:09:56.304854+00	5cacfa1e-20d4-4a7b-8b40-31dbd02ed3e9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1236	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-02 11:00:00+00	2026-05-14 10:09:56.325698+00	2ec0b5ad-c0be-4a40-99f8-fff55ce7c1c2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1237	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-07 11:00:00+00	2026-05-14 10:09:56.343618+00	b3704f5b-cb6e-4656-88cc-45fbe47b7275	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1238	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-12 11:00:00+00	2026-05-14 10:09:56.362546+00	dff76536-d6ef-4809-b20b-5e246fe5ab97	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1239	888617e8-b1d6-4e02-b5eb-ac58c3a73722	correction	2025-09-12 11:00:00+00	2026-05-14 10:09:56.380975+00	a7e93387-a705-4aba-bad3-b89efaefeaa4	1238	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1240	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-15 11:00:00+00	2026-05-14 10:09:56.394669+00	fa135fc0-a635-416b-8e76-a8d51afb447d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1241	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-18 11:00:00+00	2026-05-14 10:09:56.41212+00	91386ddc-852c-423d-862e-a770188a94a6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1242	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-22 11:00:00+00	2026-05-14 10:09:56.428994+00	86190be5-66f3-4826-9d83-688a945de717	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1243	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-09-27 11:00:00+00	2026-05-14 10:09:56.448476+00	2d436c7c-eea2-42e6-b24c-1de55b6e23d1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1245	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-04 11:00:00+00	2026-05-14 10:09:56.48516+00	e07e6f7e-d37f-437d-a417-2e018da4fa5d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1246	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-09 11:00:00+00	2026-05-14 10:09:56.502636+00	2dd15f0f-6828-48d3-ad41-c9f5b486406b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1247	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-12 11:00:00+00	2026-05-14 10:09:56.520333+00	e54dbf1e-92e2-4070-8167-2e125903aab4	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1248	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-15 11:00:00+00	2026-05-14 10:09:56.53756+00	45eaec66-9238-4f23-8c1a-f8fe31091e6b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1249	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-18 11:00:00+00	2026-05-14 10:09:56.55417+00	674ae001-6797-43fd-97c0-66c79656030d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1250	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-22 11:00:00+00	2026-05-14 10:09:56.615197+00	798b9913-b3b5-4f4c-8ccd-462efdd58844	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1251	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-25 11:00:00+00	2026-05-14 10:09:56.632071+00	0b09225e-f8bb-4049-89f9-b96ffc34e7d3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1252	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-10-28 12:00:00+00	2026-05-14 10:09:56.648083+00	b6190948-e9f8-43e2-86d1-a90cc40e0de2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1253	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-02 12:00:00+00	2026-05-14 10:09:56.663967+00	e62444c3-995e-4360-bbbd-93b78f6490d5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1255	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-08 12:00:00+00	2026-05-14 10:09:56.699609+00	e6061213-809a-4c3e-abe0-1776b85295ef	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1256	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-11 12:00:00+00	2026-05-14 10:09:56.718898+00	6bb736ba-712c-4189-bc6e-63e54c6731fc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1257	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-14 12:00:00+00	2026-05-14 10:09:56.735282+00	43a76f97-f8c3-4c46-9608-658d7453e4af	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1258	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-17 12:00:00+00	2026-05-14 10:09:56.75128+00	8717eb26-f189-4ff9-8620-dda7b342bc13	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1259	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-22 12:00:00+00	2026-05-14 10:09:56.774811+00	27f5ea55-dcd9-4cef-96e2-06813cf1ced7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1260	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-26 12:00:00+00	2026-05-14 10:09:56.791311+00	991e2c5b-a32e-4d5d-9c31-f2d67b4647ed	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1261	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-11-29 12:00:00+00	2026-05-14 10:09:56.813898+00	b3c2709b-f49b-404e-8101-2c48c298a062	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1262	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-02 12:00:00+00	2026-05-14 10:09:56.829974+00	a8680a2b-a264-4b41-9ce0-818aa45debe7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1263	888617e8-b1d6-4e02-b5eb-ac58c3a73722	correction	2025-12-02 12:00:00+00	2026-05-14 10:09:56.845198+00	07482ba9-6577-4895-8ede-b26e4cbc24cf	1262	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1265	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-09 12:00:00+00	2026-05-14 10:09:56.879109+00	95ddd303-35f8-47a8-9d25-567277e98fd6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1266	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-13 12:00:00+00	2026-05-14 10:09:56.895821+00	9a19f7b4-044e-4dcc-91f3-3a37226e1730	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1267	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-16 12:00:00+00	2026-05-14 10:09:56.912541+00	af05f30a-8c5e-40a2-a33c-6c62bfa6e1ce	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1268	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-20 12:00:00+00	2026-05-14 10:09:56.9364+00	3fd743d0-74b5-4c7e-aa63-5825dc8949ae	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1269	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-25 12:00:00+00	2026-05-14 10:09:56.956108+00	953c6eb2-2e0f-4989-8fb2-73ac1f6d6653	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1270	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2025-12-28 12:00:00+00	2026-05-14 10:09:56.974141+00	11b47a9f-95a5-42c2-918c-9574e593e5cf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1271	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-01 12:00:00+00	2026-05-14 10:09:56.9898+00	1519514b-e146-4cff-bde1-87d5da19156b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1272	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-06 12:00:00+00	2026-05-14 10:09:57.006026+00	418b5b2f-26b8-46ca-a7c8-c6e83933ee9e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1273	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-09 12:00:00+00	2026-05-14 10:09:57.022711+00	50ea0222-57cd-4090-ac5e-ca0ae52be662	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1275	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-16 12:00:00+00	2026-05-14 10:09:57.057326+00	5dbe4eab-cc0d-4008-9c65-bc1200e77b0c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1276	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-20 12:00:00+00	2026-05-14 10:09:57.072374+00	16540abf-e678-4941-b6dc-d9af17e07f43	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1277	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-24 12:00:00+00	2026-05-14 10:09:57.089885+00	71982ec0-b2c9-48f9-aa4c-bd8440097624	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1278	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-27 12:00:00+00	2026-05-14 10:09:57.106477+00	1c1b2488-db2e-4376-aa2d-69c582d59bf5	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1279	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-01-30 12:00:00+00	2026-05-14 10:09:57.123529+00	7f51c224-1926-4ea1-ac7f-7670762c04cc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1280	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-04 12:00:00+00	2026-05-14 10:09:57.141277+00	d5aeb01b-8e7f-4205-84f7-34998246100d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1281	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-07 12:00:00+00	2026-05-14 10:09:57.158108+00	30958c85-7660-40ad-a438-72651ec5c55f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1282	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-11 12:00:00+00	2026-05-14 10:09:57.172667+00	70c93b88-36b4-4851-8bb8-b240d848eb5b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1283	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-15 12:00:00+00	2026-05-14 10:09:57.188539+00	8abf1b89-d969-4469-bb43-7e17b793dc62	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1285	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-23 12:00:00+00	2026-05-14 10:09:57.219587+00	b3d3211e-4906-4b7f-bf29-9b48930b871e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1286	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-02-27 12:00:00+00	2026-05-14 10:09:57.234523+00	ecda04de-7447-45fd-8019-fbf3231b1b08	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1287	888617e8-b1d6-4e02-b5eb-ac58c3a73722	correction	2026-02-27 12:00:00+00	2026-05-14 10:09:57.24944+00	6c525872-b7ce-49fe-b55e-594862cf50d0	1286	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1288	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-02 12:00:00+00	2026-05-14 10:09:57.262744+00	45ab3de9-1125-451c-8858-97d5b6062cbf	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1289	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-06 12:00:00+00	2026-05-14 10:09:57.279871+00	62ea8b58-944f-42c1-a3fc-24ded9d83c49	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1290	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-11 12:00:00+00	2026-05-14 10:09:57.296377+00	f7b896da-10b1-49fe-a340-923d247f60a1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1291	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-14 12:00:00+00	2026-05-14 10:09:57.313128+00	afd7a139-1f4f-4e4a-a0fb-0df45c7f1da2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1292	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-18 12:00:00+00	2026-05-14 10:09:57.329694+00	39dff55d-3814-41e2-aa95-52aaa91b127b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1293	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-23 12:00:00+00	2026-05-14 10:09:57.348723+00	f456a5b9-6287-4c51-926f-b5ff6770164f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1295	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-03-31 11:00:00+00	2026-05-14 10:09:57.383389+00	15593b8f-f240-45be-992c-578f7baeda9c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1296	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-05 11:00:00+00	2026-05-14 10:09:57.398293+00	84baf0e1-c966-4ab3-924b-d55f2b099cc6	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1297	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-08 11:00:00+00	2026-05-14 10:09:57.412311+00	cfc1dd49-e20c-4ece-b39c-8ec91da38678	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1298	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-12 11:00:00+00	2026-05-14 10:09:57.430672+00	202d3145-e499-418e-9a01-d51ea1e74694	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1299	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-16 11:00:00+00	2026-05-14 10:09:57.450496+00	609c15b9-c50f-454e-a172-1a90a53522ed	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1300	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-19 11:00:00+00	2026-05-14 10:09:57.465725+00	f54426f6-cbbb-47a0-b71b-ad2cefc6b0d9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1301	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-24 11:00:00+00	2026-05-14 10:09:57.48054+00	da6edc86-b6f7-4d16-ac51-d34301e66d92	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1302	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-27 11:00:00+00	2026-05-14 10:09:57.49671+00	24f2e8a1-22be-4e61-9167-96cb04a38af2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1303	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-04-30 11:00:00+00	2026-05-14 10:09:57.52844+00	517481f7-1411-4824-a36a-68661b5789ff	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1305	888617e8-b1d6-4e02-b5eb-ac58c3a73722	watering	2026-05-07 11:00:00+00	2026-05-14 10:09:57.560544+00	5c4306f3-ae3d-494f-95bf-8b8e253ac1a7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1306	888617e8-b1d6-4e02-b5eb-ac58c3a73722	note	2026-04-14 11:00:00+00	2026-05-14 10:09:57.577401+00	c2dae61c-2c37-4591-9f96-b4c9002bda30	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1307	888617e8-b1d6-4e02-b5eb-ac58c3a73722	note	2026-01-14 12:00:00+00	2026-05-14 10:09:57.584418+00	7a93385c-c362-4431-bb5c-98daeb9d66fd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1308	888617e8-b1d6-4e02-b5eb-ac58c3a73722	note	2025-10-16 11:00:00+00	2026-05-14 10:09:57.591872+00	435af2be-fd29-46b9-8766-06d75c55a62c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1309	888617e8-b1d6-4e02-b5eb-ac58c3a73722	note	2025-07-18 11:00:00+00	2026-05-14 10:09:57.599409+00	90eb4be7-e717-4f5e-aa11-9dda5f6c3ddc	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1310	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2026-04-24 10:00:00+00	2026-05-14 10:09:57.623517+00	f745b893-a14f-40db-b8c4-04af88ee35f3	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1311	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2026-02-03 10:00:00+00	2026-05-14 10:09:57.652023+00	9e1782ea-7271-4bff-8de7-7e6f3896d977	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1312	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2025-11-15 10:00:00+00	2026-05-14 10:09:57.670583+00	850363bc-babf-409c-9d6e-f2d9f7e71c68	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1313	050bcb27-8bf2-4140-88f4-f894a693619a	reading	2025-08-27 10:00:00+00	2026-05-14 10:09:57.68908+00	01e20f2f-47ed-434f-a51a-88d558ca2762	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1314	cfc15d41-6009-4d5e-b378-e93694ebb1d1	reading	2026-04-23 10:00:00+00	2026-05-14 10:09:57.750039+00	f310c2b0-c843-4004-b38a-307a828c40fd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1315	cfc15d41-6009-4d5e-b378-e93694ebb1d1	reading	2026-02-02 10:00:00+00	2026-05-14 10:09:57.770322+00	c1b38f66-13b2-424a-a216-4bf066a4b036	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1316	cfc15d41-6009-4d5e-b378-e93694ebb1d1	reading	2025-11-14 10:00:00+00	2026-05-14 10:09:57.789881+00	5d5278aa-cde2-4076-a96f-5b15d4939b8d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1317	cfc15d41-6009-4d5e-b378-e93694ebb1d1	reading	2025-08-26 10:00:00+00	2026-05-14 10:09:57.814014+00	e0a1e233-c2ab-4a5f-9373-b41c87686dab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1318	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2026-04-22 10:00:00+00	2026-05-14 10:09:57.857619+00	d386d70d-1d77-4b9f-a69a-3bcd614fce95	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1319	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2026-02-01 10:00:00+00	2026-05-14 10:09:57.876326+00	fbcd8a18-2a31-4f9c-b5a2-7a54f8b75438	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1320	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2025-11-13 10:00:00+00	2026-05-14 10:09:57.897174+00	70901230-8a43-4d39-a2a2-0932faea23e0	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1321	2530db15-032d-44b5-b5b7-c0be2619e8cc	reading	2025-08-25 10:00:00+00	2026-05-14 10:09:57.930174+00	1ae42e7c-d020-41b8-a103-4c52d2d4bae9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1322	b3c142b1-b98b-4340-ba52-896ba6d43f52	reading	2026-04-21 10:00:00+00	2026-05-14 10:09:57.965551+00	d68fa871-1bb2-4744-815c-70d91b7a2a10	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1323	b3c142b1-b98b-4340-ba52-896ba6d43f52	reading	2026-01-31 10:00:00+00	2026-05-14 10:09:57.984288+00	245749af-c366-4b15-bfa0-55e99fac3c52	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1324	b3c142b1-b98b-4340-ba52-896ba6d43f52	reading	2025-11-12 10:00:00+00	2026-05-14 10:09:58.006984+00	8916c70d-8af1-4b09-875e-73de6af1d1ca	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1325	b3c142b1-b98b-4340-ba52-896ba6d43f52	reading	2025-08-24 10:00:00+00	2026-05-14 10:09:58.03385+00	a692ec96-a0a0-44fd-97cd-3090a4aea8e1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1326	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-04-20 10:00:00+00	2026-05-14 10:09:58.068583+00	9714a5dc-7301-4614-99e2-ed467487b9a9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1327	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2026-01-30 10:00:00+00	2026-05-14 10:09:58.097499+00	f5c78284-89ee-495d-ae53-73c0a5fe09f2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1328	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2025-11-11 10:00:00+00	2026-05-14 10:09:58.121545+00	ca0b2854-f517-4f2f-b904-0a67e96a6592	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1329	260aa628-be79-4a1e-ac1d-bf769dfce4c8	reading	2025-08-23 10:00:00+00	2026-05-14 10:09:58.140438+00	66e6e41a-1e4d-4796-a7a5-26370ca6de47	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1330	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	reading	2026-04-19 10:00:00+00	2026-05-14 10:09:58.162517+00	8dfea974-d7fe-4e0d-b526-5d61e0d0cd4d	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1331	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	reading	2026-01-29 10:00:00+00	2026-05-14 10:09:58.185491+00	23c11efb-45d6-433c-bf14-a03e467c6647	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1332	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	reading	2025-11-10 10:00:00+00	2026-05-14 10:09:58.209377+00	2a75635a-2313-48e6-a561-00f2647d14df	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1333	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	reading	2025-08-22 10:00:00+00	2026-05-14 10:09:58.226552+00	435b00a0-88d1-40df-8bdd-b0c8015b4ba1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1334	cc475193-1673-419f-bc72-425221774d56	reading	2026-04-18 10:00:00+00	2026-05-14 10:09:58.252497+00	605eebba-335d-4ee6-a682-3c27021ee4c8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1335	cc475193-1673-419f-bc72-425221774d56	reading	2026-01-28 10:00:00+00	2026-05-14 10:09:58.270538+00	4f13bf07-ec9e-4b01-9930-539e1e0d7173	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1336	cc475193-1673-419f-bc72-425221774d56	reading	2025-11-09 10:00:00+00	2026-05-14 10:09:58.291595+00	fb93c377-e48a-4fbe-8538-a1d252a52e65	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1337	cc475193-1673-419f-bc72-425221774d56	reading	2025-08-21 10:00:00+00	2026-05-14 10:09:58.313429+00	a0728be5-bfc9-4e0c-9744-435e48f3079b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1338	d094483e-165f-44be-a94d-e96dd19bc63f	reading	2026-04-17 10:00:00+00	2026-05-14 10:09:58.346383+00	b9254427-3a74-42ab-b4d8-d8ceb53f2f5b	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1339	d094483e-165f-44be-a94d-e96dd19bc63f	reading	2026-01-27 10:00:00+00	2026-05-14 10:09:58.371291+00	95398741-53f5-43b1-8881-512ce93b544e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1340	d094483e-165f-44be-a94d-e96dd19bc63f	reading	2025-11-08 10:00:00+00	2026-05-14 10:09:58.387718+00	db2b43d8-ca3b-487a-9095-014f7fc99a7c	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1341	d094483e-165f-44be-a94d-e96dd19bc63f	reading	2025-08-20 10:00:00+00	2026-05-14 10:09:58.40308+00	1ba28e17-3340-4afb-acaf-9dbd10bd9c89	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1342	0d168206-6ec2-4b63-ace9-02b1c8d55c66	reading	2026-04-16 10:00:00+00	2026-05-14 10:09:58.426206+00	9ad36424-75cf-44a8-83b0-f3ffac9da7de	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1343	0d168206-6ec2-4b63-ace9-02b1c8d55c66	reading	2026-01-26 10:00:00+00	2026-05-14 10:09:58.44424+00	eb25ce9a-1e21-4f13-ba32-5aa03d6f2e3e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1344	0d168206-6ec2-4b63-ace9-02b1c8d55c66	reading	2025-11-07 10:00:00+00	2026-05-14 10:09:58.45968+00	5f770ac1-2619-4c95-8f1e-355e2578f07f	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1345	0d168206-6ec2-4b63-ace9-02b1c8d55c66	reading	2025-08-19 10:00:00+00	2026-05-14 10:09:58.477843+00	348fa2ea-fc7a-48a2-af9b-c69f807637d7	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1346	5c05fc83-edf0-4180-887b-e2b8c6ba608c	reading	2026-04-15 10:00:00+00	2026-05-14 10:09:58.505245+00	1cdf6151-b58f-4de5-bca6-8bab10538611	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1347	5c05fc83-edf0-4180-887b-e2b8c6ba608c	reading	2026-01-25 10:00:00+00	2026-05-14 10:09:58.521459+00	984aea3b-3a73-4a9f-bdb5-978018ffe9cd	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1348	5c05fc83-edf0-4180-887b-e2b8c6ba608c	reading	2025-11-06 10:00:00+00	2026-05-14 10:09:58.537637+00	79df0b0f-6ba1-4bf3-afce-953c2d312db2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1349	5c05fc83-edf0-4180-887b-e2b8c6ba608c	reading	2025-08-18 10:00:00+00	2026-05-14 10:09:58.555+00	063a0bf6-8444-47f8-b11f-f1c39c5927ed	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1350	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-04-14 10:00:00+00	2026-05-14 10:09:58.584108+00	0990f0d7-e697-482d-b5d1-34f3d5476118	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1351	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2026-01-24 10:00:00+00	2026-05-14 10:09:58.617647+00	b19d2445-6683-4a29-8e24-9e71f2a1ef26	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1352	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2025-11-05 10:00:00+00	2026-05-14 10:09:58.635917+00	0e8b20d4-b250-4a78-a509-cddb699c7214	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1353	d7b06259-d864-4c9d-8801-b5783f4474f9	reading	2025-08-17 10:00:00+00	2026-05-14 10:09:58.654385+00	964af108-8a63-4d9c-afba-cf764d97cb52	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1354	888617e8-b1d6-4e02-b5eb-ac58c3a73722	reading	2026-04-13 10:00:00+00	2026-05-14 10:09:58.685862+00	f651216b-3f66-4d48-872c-2f22e197bb8e	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1355	888617e8-b1d6-4e02-b5eb-ac58c3a73722	reading	2026-01-23 10:00:00+00	2026-05-14 10:09:58.713523+00	f3023c13-9d7d-4b65-87e3-93d321955a62	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1356	888617e8-b1d6-4e02-b5eb-ac58c3a73722	reading	2025-11-04 10:00:00+00	2026-05-14 10:09:58.731205+00	a3368f67-f0d3-4abb-a08f-f79bcb6bb692	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1357	888617e8-b1d6-4e02-b5eb-ac58c3a73722	reading	2025-08-16 10:00:00+00	2026-05-14 10:09:58.749974+00	66d4d459-e4c5-4b76-8ea1-63adb4c548ab	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1358	050bcb27-8bf2-4140-88f4-f894a693619a	potting	2025-10-26 12:00:00+00	2026-05-14 10:09:58.799188+00	029bd9e3-8fed-46e7-b4b2-7f0657acd649	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1359	2530db15-032d-44b5-b5b7-c0be2619e8cc	correction	2026-04-07 11:00:00+00	2026-05-14 10:09:59.273209+00	523f42e8-f763-41cf-938c-04e8a0d9f727	370	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1360	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-04-07 11:00:00+00	2026-05-14 10:09:59.273209+00	523f42e8-f763-41cf-938c-04e8a0d9f727	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1361	2530db15-032d-44b5-b5b7-c0be2619e8cc	correction	2026-03-25 12:00:00+00	2026-05-14 10:09:59.319796+00	3a667a06-5a07-4c25-86eb-51f200f2e864	369	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1362	2530db15-032d-44b5-b5b7-c0be2619e8cc	watering	2026-03-25 12:00:00+00	2026-05-14 10:09:59.319796+00	3a667a06-5a07-4c25-86eb-51f200f2e864	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1363	d094483e-165f-44be-a94d-e96dd19bc63f	watering	2026-05-14 10:09:59.89878+00	2026-05-14 10:09:59.898803+00	c8d33f54-adfe-47ff-8b72-06e7a101c2c9	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1364	b3c142b1-b98b-4340-ba52-896ba6d43f52	watering	2026-05-14 10:09:59.952999+00	2026-05-14 10:09:59.953032+00	1c7b40f6-1cc4-4ff3-90ba-e784910c3af1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1365	cc475193-1673-419f-bc72-425221774d56	watering	2026-05-14 10:09:59.952999+00	2026-05-14 10:09:59.953032+00	1c7b40f6-1cc4-4ff3-90ba-e784910c3af1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1366	0d168206-6ec2-4b63-ace9-02b1c8d55c66	watering	2026-05-14 10:09:59.952999+00	2026-05-14 10:09:59.953032+00	1c7b40f6-1cc4-4ff3-90ba-e784910c3af1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1367	d7b06259-d864-4c9d-8801-b5783f4474f9	skipping	2026-05-14 10:10:00.130585+00	2026-05-14 10:10:00.131428+00	a789218c-18e2-4fb8-b135-fea59894acf2	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1368	050bcb27-8bf2-4140-88f4-f894a693619a	tending	2026-04-29 11:00:00+00	2026-05-14 10:10:09.965068+00	a20d8c52-6e8f-4bfe-a019-39a6939889a8	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1369	cfc15d41-6009-4d5e-b378-e93694ebb1d1	tending	2026-04-28 11:00:00+00	2026-05-14 10:10:10.016301+00	9b074e71-fd22-41a8-8134-0b93ac311cc1	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1370	2530db15-032d-44b5-b5b7-c0be2619e8cc	tending	2026-04-27 11:00:00+00	2026-05-14 10:10:10.049725+00	febf9642-41ec-47d0-bb03-d2807e33cd10	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1371	b3c142b1-b98b-4340-ba52-896ba6d43f52	tending	2026-04-26 11:00:00+00	2026-05-14 10:10:10.126088+00	cfe6406a-ab8e-4fbc-932d-7a33c4008311	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1372	260aa628-be79-4a1e-ac1d-bf769dfce4c8	tending	2026-04-25 11:00:00+00	2026-05-14 10:10:10.160523+00	4dad7bf1-a12a-41b2-84cd-965c5c8afabe	\N	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1373	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	tending	2026-04-24 11:00:00+00	2026-05-14 10:10:10.200145+00	0bb6e7e8-a964-42b5-af90-5e9314f13640	\N	f
\.


--
-- Data for Name: journal_count; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_count (garden_id, journal_id, pots_before, pots_after, other_lot, why) FROM stdin;
\.


--
-- Data for Name: journal_feeding; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_feeding (garden_id, journal_id, item, feed_id, litres_each, product_each, measure, n_mg_per_l, pots) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1	feed:0	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2	feed:1	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.3081647010934277	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3	feed:2	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.32190067547662693	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5	feed:3	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	7	feed:5	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	8	feed:0	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	9	feed:8	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.40040001045558593	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	10	feed:9	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3855793856876759	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11	feed:10	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.40250454363273686	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	12	feed:11	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3793629516177517	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	13	feed:12	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3905928427141341	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	14	feed:0	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	16	feed:14	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.13791775857948296	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	18	feed:16	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1393547563916586	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	20	feed:18	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.14073206499161106	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	22	feed:20	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.14200402407514415	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	24	feed:22	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1431305512327242	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	26	feed:0	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	27	feed:26	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07044433371605013	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	28	feed:27	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07088833009533045	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	29	feed:28	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07133864510845973	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	30	feed:29	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07178950194949274	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	32	feed:30	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07267011277440172	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	33	feed:32	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07308905288532073	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	34	feed:33	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07348707858582944	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	35	feed:34	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.07385966425694074	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	37	feed:0	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.0375488028954156	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	38	feed:37	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.04677266588934444	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	39	feed:38	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.04898353272921559	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	40	feed:39	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.03818896714838926	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	41	feed:40	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.03942892432246657	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	42	feed:41	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.04066242640078009	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	43	feed:42	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.04188438642994636	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	44	feed:43	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.04309114243062365	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	45	feed:44	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.04427925533684247	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	47	feed:45	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.0466428723774617	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	48	feed:47	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.047805186409754466	millilitres	16.041666666666668	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	49	feed:48	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.07690166251851832	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	50	feed:49	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.0786292197679513	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	51	feed:50	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.0802994598257361	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	52	feed:51	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.08190503790207412	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	53	feed:52	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.08344643016023925	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	54	feed:53	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.08492040523214033	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	55	feed:0	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	56	feed:55	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	57	feed:56	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	58	feed:57	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.5991267601188628	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	59	feed:58	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.6118210190234297	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	81	feed:0	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.8662353087943035	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	83	feed:81	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	2.20667760438762	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	86	feed:83	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	89	feed:86	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	99	feed:0	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	3.042220521842757	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	103	feed:99	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	106	feed:103	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	111	feed:0	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.5788699634235288	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	115	feed:111	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	119	feed:115	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	124	feed:119	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	129	feed:124	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.5174691304576289	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	134	feed:0	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.37973057215603284	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	138	feed:134	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	142	feed:138	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	146	feed:142	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.3038795217268184	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	151	feed:146	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.3394524874284975	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	156	feed:0	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.01432229538594069	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	160	feed:156	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.013740929191836431	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	164	feed:160	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.01625706842414219	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	168	feed:164	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.018709821786653674	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	214	own:608b4bdd-1922-489e-b6df-0857964743ae	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	217	own:1bf07d12-10b7-4ffd-a9ce-e227300ede79	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	221	own:a288798b-e6b5-4d61-aefb-18cdcc66437f	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	224	own:42de542f-5d85-4be1-a288-7a700f6fa12d	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	227	own:eabab29d-8188-48fd-a3fc-2c5e45d3e6de	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	230	own:dfd87487-863d-4a44-b1de-b0bafa9869e3	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	233	own:bdce547d-3f63-42c3-ae42-bb6f53de8428	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	236	own:355a0111-4705-4627-a78b-83f802909189	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	239	own:ef46275b-e28b-4a89-a387-9d73e742e6de	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	242	own:5c9de14f-bed5-4992-81c6-3246a3de0a35	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	246	own:184be41a-35c4-4ab6-a228-9d666dd7f270	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	249	own:1ab2eb34-d9e5-4581-847c-22b838183533	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	252	own:afe9062f-d413-4dc5-97f5-a5999047323c	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	255	own:23a060dd-4a4d-4e6b-8124-5a1752f4cf2d	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	258	own:797f37ff-5151-47f4-bf43-760453e87097	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	261	own:4609ed47-b209-46d4-969a-d0a84877b27a	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	264	own:04782218-3ba5-41f4-b6f4-a2a2d00393dc	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	267	own:4b96fcf8-1bfc-47f5-affb-2b6f8d6eaaab	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	271	own:ae0b0f5f-71e2-48fe-811c-51a14bc5a2a9	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	274	own:c8359dba-a1a7-4a24-8381-5b341ea6d8e5	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	277	own:b8831ed2-bd20-4e0e-b944-56e761aef279	f97bc0b0-1657-4f93-be70-014e753d0c19	0.13816561637428756	0.1343276825861129	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	284	own:6e27e3da-21c0-4c8e-b6e2-bc62bc69318b	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	287	own:0d013c8e-e490-4253-a068-17303a537738	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	291	own:7afd4ca6-327b-4292-a2ea-e7db6ed1102f	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	294	own:6fd3f881-c17b-4ea3-9530-50c0b6d1faad	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	297	own:5e3ca116-25d6-4784-9fce-5d9db95d005c	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	300	own:63f9da07-43d5-4ac9-9d7b-51a82aad15d2	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	303	own:98afec87-198d-4812-baa7-490806a22c73	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	306	own:cb17dd41-a15a-4a0a-a070-bf436ce16d36	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	309	own:e40ad891-64e3-47c6-a192-73dcb3afb5ea	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	312	own:57e5d174-2853-4b65-ac37-f2c49388890c	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	316	own:5936a722-88b2-446c-99eb-010ffb765b8c	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	319	own:6e769eba-471b-4167-bbff-894e9fb08868	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	322	own:b9b7b360-f3c2-4595-96de-51d5600914ca	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	325	own:3a7f01e1-3d59-48e8-98ae-6d7c8660008f	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	328	own:de0ef722-db7c-4978-912d-b917713b877b	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	331	own:cc37c0fe-6ea2-437d-bd5d-c0d7915cca5b	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	334	own:7fff1da8-a453-4b9f-983c-8b328d5f6d2e	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.06552340003890364	0.06370330559337854	millilitres	32.083333333333336	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	343	own:6b5c36b1-6dd9-4272-b22b-c41cf29e15a9	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	346	own:720b006c-112d-4ff0-bcb8-54627f2b5a27	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	350	own:35a10d92-8937-4c39-8256-dbe9e05bbd39	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	353	own:27b80c12-30d7-4794-b231-11bcb66221cf	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	356	own:569c031f-946a-4d33-a2c3-98f0d46d180b	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	359	own:4979b462-49f7-4af1-ae7d-95f05180ef47	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	362	own:b7d88b55-d6d1-428c-90e6-e82bc33e5c45	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	365	own:d228ee50-c487-4670-8131-f53d50869fd8	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	368	own:528522e0-4efc-4eda-aace-85660db3e1f8	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	371	own:32f9dfca-7e79-4adb-8e5d-66ef88f8ee6f	f97bc0b0-1657-4f93-be70-014e753d0c19	1.0263330419779009	1.568008814132904	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	383	own:964c9d2e-5a70-42d1-90b8-daefcc9bb686	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	387	own:ec169989-7bcd-48cb-b267-6e9e047f3e99	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	393	own:9fa10377-bfc3-4431-81f8-de34b0fdbacd	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	396	own:d7da4f49-3a48-4ec3-b259-a3fd339e5b7b	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	399	own:84e892d2-42fe-4d2f-97cb-708102739500	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	402	own:a9bb57cc-05ba-4a1e-add3-37c1e784e1c5	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	405	own:f5498b1d-b0dc-4b70-a40f-5fda641ec2ad	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	408	own:6fa0dc99-881b-4731-b828-8e6ab8138da2	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	412	own:afa9a33c-7156-4a3c-aaec-87cfc4f3eecd	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	415	own:4258c283-21a1-4b7b-a510-f2f4e6a33955	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	418	own:4e02809d-b764-4968-8d69-50ac3f934c99	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	421	own:4d3132d9-d7d4-4723-a737-36a26b0b2c6a	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	424	own:37b555b0-a751-492e-9a8d-f827bb318929	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	427	own:610c9554-ecfd-419b-87db-ca62586d0dea	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	433	own:48b64d70-687b-4f95-8f2d-a6d8fe1a2ccd	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	437	own:20d805c7-991e-468c-b444-1f527bbe7b39	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	443	own:5bf9456a-2737-48bb-bf37-b5a68f1a72b5	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	446	own:67a6bb9e-48b1-40cc-bba3-7e9a90a4834c	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	449	own:5011da97-3895-4bb2-9167-1bff480f3a65	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	452	own:54129b40-f1ad-4383-a7d4-9eaf95c809f3	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	455	own:fac39037-369f-4b94-8a71-94fa2622de36	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	459	own:3d66b2d0-a086-4c1a-8736-99fd5d792cd3	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	462	own:a7544e35-9109-4d29-b468-9b52b8eebc36	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	465	own:5a6cdc4c-eac3-435b-9abe-695ab4651b91	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	468	own:fc97aa12-573d-422c-bbf1-45912560995d	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	474	own:d308048b-c70a-483d-beb3-b5d6dc773ac4	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	477	own:7c19d685-52c8-4ee5-a1e4-1fd31f19c20b	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	480	own:643389e7-b47c-47af-a500-eec03919cecc	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	487	own:6b38ff80-ebd1-4605-86a8-b4325f8e2b77	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	490	own:b9ab4142-cd79-401e-bbd9-20fea555850e	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	494	own:6a0bf8ca-9e3b-43b5-8f20-4bf96678806c	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	497	own:3b52196a-a06e-44f8-aee5-51fbcaf8f6f6	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	500	own:f422be3a-0c30-49fa-8e32-f005dfaf0a60	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	503	own:aa6c0de9-aa9c-4162-8c83-616f3cf2db83	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	506	own:6eaa0cb7-cf44-4c46-9723-b05e304fd45c	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	509	own:c82b8b5f-b803-46f2-a507-6ff4a0302985	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	515	own:1ea28d29-691c-48c2-b90d-950fd87c1edf	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	519	own:6d056c84-b59a-4d1b-ac61-8767217cd608	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	530	own:75e1a741-9045-45ef-ad4a-89f3ce40e1a5	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	533	own:43ec9aff-3878-40ed-8757-7a559ba1b58b	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	537	own:4881ded4-c68e-43cb-bb26-42cc33e6eb14	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	540	own:7962c358-0a29-4241-8010-337f61cf4a36	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	543	own:c7f85928-9001-49cb-9425-6d587c625476	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	546	own:54aabe5f-163f-4384-8b73-9907b8086538	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	549	own:5cd8086c-11df-433b-87fe-945e1d65774c	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	555	own:9866f3bf-860a-4cc4-ba63-5008fb84bf49	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	558	own:35597bab-7d73-4cf8-aac3-04f65b1ef8cb	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	380	own:bf23359d-b60e-4cd3-a8d3-f63bacfba2df	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	390	own:dc3559bb-0b29-4342-aa83-fd80e2145fe9	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	430	own:269ebb84-9eae-40fa-a9f7-f7f186ec5c25	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	440	own:d1e829d9-ea56-4d0c-9d6d-3a9ac7b6ac5a	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	471	own:64e92325-d8b9-4aaf-bb46-9a93998d597a	e98bc299-92e3-4a2b-8374-b8ee4211480f	0.07724325167056924	0.05900526169279594	millilitres	25.208333333333336	3
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	512	own:cfc619bc-d24f-48a3-bb4a-40efba6f8c41	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	522	own:e29a224b-abcf-4e3e-b687-2d7cf55eff8a	f97bc0b0-1657-4f93-be70-014e753d0c19	0.19348679869226074	0.29560483133539833	millilitres	87.84722222222221	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	552	own:28678e01-35c6-4ce4-b572-27214c51e8bd	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	562	own:506eae70-7225-4c19-9afb-cde970c0309f	f97bc0b0-1657-4f93-be70-014e753d0c19	0.38263533872114963	0.3720065793122288	millilitres	55.90277777777777	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	573	own:779f9a45-d82f-4660-b090-4949c3047b44	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	583	own:c38977c0-4a33-4d5c-93f2-88f48a4f91e9	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	623	own:f4b0698a-62ac-49d2-87e8-0d11842bdbaf	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	633	own:fc2b71f5-deab-4c69-bcfa-e88e5da08a63	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	683	own:9ffd985c-8746-44b4-a6a9-c3c30c03932c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	733	own:9cf4fa22-15af-429c-bfc9-828f9d9aa3d4	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	783	own:04f8be32-e450-4717-a491-4539e60636b9	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	833	own:d4e0c151-a14d-41e1-b6b5-5cbcb76fc7c9	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	570	own:770838e6-3b4d-4c69-8136-050c77f44753	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	577	own:93c73e85-12a2-46e1-b71b-8b29165c5fd1	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	580	own:d6ddf4d2-9638-4378-81e2-b9563bde802d	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	586	own:08f32b69-d92b-449c-bd41-85fd9d96ae22	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	589	own:5f419ee2-3929-44e2-ad47-1369421adcdc	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	592	own:e06829bc-d794-4232-a7ba-6345505179ae	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	595	own:0fbaa7ac-f1a7-46f9-9ca5-82fb05598442	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	598	own:a2a61ef6-01e5-4310-b2b3-2d85f46e71bb	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	602	own:626c5027-330d-45b7-ab55-4d9d8072ae3e	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	605	own:92113dc6-0ee8-4899-81a1-fd635e5bdba2	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	608	own:98919146-afd8-4aa7-835b-48425b26963f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	611	own:bf98ddbb-8e25-4719-9c3d-fcdab5c22068	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	614	own:4c2a7002-4581-4ac6-8725-28eacf37db49	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	617	own:1171aa59-7073-413e-a898-834f46fa9d87	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	620	own:747549aa-5ddd-425b-b163-57dae5e076f7	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	627	own:b0cb0e59-0cf4-4acd-87f7-4ea673d39aab	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	630	own:ee3525f2-ad0a-4304-887e-123412733b06	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	636	own:5efa4351-cba0-4d25-b45c-bd670af9765f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	639	own:f086287c-4b4d-4263-bef0-3c4e7715bd11	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	642	own:b9deb710-2a49-4b5b-9eab-513458ada441	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	645	own:57fbd1df-51fa-40e2-955b-672eff73b6a3	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	649	own:cd9d1945-d4f6-4952-aed5-03e4a1d3e3a8	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	652	own:858c2b98-d939-43d5-b28c-d468b3a1462f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	655	own:f84a992e-e4c3-4fd6-8e3f-a05a2547c722	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	658	own:ed8f6335-9e1e-458c-84d7-14abd702a29a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	661	own:5c2f7c8f-64b1-4ea0-b8a5-97087999938e	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	664	own:72c2b516-7a2e-49c5-9d54-5a9fe330d1b4	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	667	own:1d095565-564a-4d62-97ca-268f6c0ce92c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	670	own:a74f63b4-43b1-4cc3-84fb-4b3187789d8d	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	674	own:161aa114-4988-4f7e-9859-16646928469b	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	677	own:e1bffe0f-a0d1-4aee-9045-cc58033f7c9f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	680	own:55bdce4f-7ab2-49ab-9f19-c307050004fd	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	686	own:c2a8e74c-551d-4914-aac5-cffa203773cf	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	689	own:62537449-444e-46e7-9cfb-e91dd42d3aea	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	692	own:abc0f5e1-dc5e-4186-aadd-0cde4a586234	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	695	own:4af07bb5-ca27-49d9-9a26-bc2868e01f3c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	699	own:63d13ef8-b07b-4343-be7f-a42fc416280b	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	702	own:58a9d282-253b-4b17-aa83-1ea8ce65fbaf	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	705	own:d1e847d9-4416-4439-9319-a4f72880298c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	708	own:ad7f27b4-28f5-4717-afb2-a46db61e02fd	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.35548934668217885	0.29624112223514903	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	717	own:0c302cce-ba3f-4638-bb89-99396376fcf9	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	720	own:289d645f-5f73-4376-be6f-b321d46a4a84	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	724	own:a44c63bf-18a3-43a1-9692-77f0c3d84ef0	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	727	own:54af6b06-9cde-4bf6-9816-c465023ca708	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	730	own:d31bbf23-1dae-4217-9f63-cc7fb6111e92	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	736	own:36484904-517d-42c7-8731-d1d0deb38d06	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	739	own:e1a7f696-efe8-4cb1-ab52-4b073a4fbb8a	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	742	own:1b6ef7aa-f2c6-4bf4-a4fb-d28e1e7dde0f	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	745	own:03064f54-6267-4b46-8da7-aa6adbe78fea	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	749	own:c05afd5d-0aae-4339-9115-9faa54e8a20e	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	752	own:f843a562-7f31-4592-a5b5-a147acc09a8e	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	755	own:987932ac-09b0-4900-b4ba-7bb51cd06b69	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	758	own:62781f5c-8151-48b3-9c94-9324b83e0210	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	761	own:ef861dd2-f4a2-4e4d-8bae-1561de7f7a65	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	764	own:7b0970ba-7dbb-4132-856f-4c0aeda6b407	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	767	own:e917dc7c-a76f-46a2-b92c-d4d1178cb010	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	770	own:0f389e77-daf9-4fa9-9586-3305cc052520	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	774	own:306a3f8f-9358-4e5f-898c-10f832fda738	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	777	own:84a31abc-21ec-46fe-8c58-3afdeb1fe178	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	780	own:523c4af2-4862-4224-a619-3a0fff997af9	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	786	own:3212acaa-cd42-4ede-bb3d-902d92ab61d5	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	789	own:f2d859b9-7734-44a1-ba2c-b7dd4564cae2	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	792	own:f8eef917-9995-47a9-af12-4cd21a82f108	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	796	own:475af801-2e3b-4d3d-ba0c-ac53e1549b90	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	799	own:225a16e7-c2e3-4bf0-904c-607cebba87ed	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	802	own:765b71f2-7d98-418f-b9f4-397aced296a3	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	805	own:7d25d8a5-d526-4057-b46f-a5a542685f37	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	808	own:08ab58b6-88dd-4102-8d07-d1a4be06be66	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	811	own:3470de51-7dd6-4161-b439-5467a6df915f	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	814	own:9ab87443-a020-4f76-81a8-a955b5122d59	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	817	own:5e95a1a0-6a54-4b1f-a5fd-c2827e32539a	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	821	own:40e8f481-d33c-45cf-a77a-3009e9dfc003	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	824	own:46528d70-658f-4368-b040-cc5a14d588ee	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	827	own:2f110f9f-11c4-4d55-90a3-e8b7de45121c	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	830	own:fae6dedd-dd21-4305-978c-68240011cb19	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	836	own:645976ab-cd15-43a0-a749-c0e820ffbe07	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	839	own:1485b143-b7dc-4b7f-b4e8-9868a3099649	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	842	own:a7daa9a2-a98a-484e-a7a3-ef9932d68ecb	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	846	own:8cbf896f-5e8b-4d30-85cc-40d1f671b96b	f97bc0b0-1657-4f93-be70-014e753d0c19	0.013071965323940232	0.012708855176053004	millilitres	55.90277777777777	360
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	855	own:d5e9e801-f062-4df1-8d43-2159b990593d	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	858	own:2f3d4553-2e76-4baf-8b73-30e29b30b705	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	862	own:eddcf29f-adac-4522-89f3-5b0072c6e8e8	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	865	own:b1a00d32-315e-46c2-a606-0c69946943c4	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	868	own:1356f1b3-64e1-400a-a90c-1fbe378402da	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	871	own:8b29fb8d-05a4-4718-b414-41e3562f3613	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	874	own:a8027777-4150-40e6-8410-c639fe63bb58	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	877	own:68e3295c-f1e2-40d2-aed4-513115918bda	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	880	own:f29ebf23-4e8b-42ae-8be2-ea2a0b60659b	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	883	own:a33c353d-8769-4bd1-9ce9-dc7df21c264f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	887	own:c1a201a8-f600-4363-9fd7-60842652006a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	890	own:8428554e-2b5e-4a70-b5c0-133bedcca412	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	893	own:43d64e38-f68a-4e02-96da-6afca1d68932	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	896	own:3a538e4e-40f3-46ed-b630-28024db65abe	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	899	own:587e3a9a-a7d4-4ad1-9a2c-f651e14425cc	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	902	own:1ce035c7-a5f3-4024-aa73-61b58cad88ae	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	905	own:2c8b6310-f512-44bb-81d8-41a9c593e7b2	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	908	own:5169776f-85ef-46f4-adbb-6978e2438554	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	912	own:f248a699-d0be-4712-94b3-8ce671373a0e	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	915	own:2bd9cb9e-3840-4594-b30b-136cc778cf39	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	918	own:65dec5da-903b-4a4c-9e00-08cf697e59b9	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	921	own:33930bbe-05b7-4556-bc49-a2ca89b35b8a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	927	own:166d8427-2ec1-4c66-98f1-4fc441951377	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	930	own:e16c917f-3496-4af0-8d8a-84341447791d	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	937	own:685538b8-53f5-4d0f-a5c1-c146d2200b8e	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	940	own:ef62f650-114b-457b-ade1-8ed3d7c050bd	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	943	own:c2e411fb-8885-413d-a8e2-b3477661b319	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	946	own:8ebac0be-1eb3-4e5b-b54b-e398136f0411	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	949	own:ef4c6e94-58c4-42bb-b494-d88d75303a67	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	952	own:d4ef3dfe-d377-47aa-8492-21b2612495b7	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	955	own:5422a239-00c6-4d1d-a8ab-ea2e0ebaef48	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	959	own:3e9532d4-fc06-48e6-8bce-276bc09569ff	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	962	own:8155b407-0143-4fb7-8b9f-14f353697e45	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	965	own:fc549d2a-f659-4728-83f7-a0e0d5086401	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	968	own:b03d0604-4d9c-4459-a59d-475a33885cfb	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	971	own:63f90ab9-0f3b-4fca-96e0-e5f7f085dfbe	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	977	own:07c34bb5-17a7-4815-934d-38643ad903f5	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	980	own:4a0de52c-44fb-43f2-9550-a95d42b40422	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	987	own:7935ca52-a303-4c2f-8903-eb307dd4047a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	996	own:9b836ab4-4f09-437f-9902-a02d1e2176fd	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	999	own:5b42bc39-e7bf-4f12-8e9a-51adfc9e7f1a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1003	own:5ca949ec-9b08-472e-8348-64ef4ef16286	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1006	own:71d576de-2395-4fef-a7ac-e41b6b277ec7	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1009	own:6b709a96-1fab-4bba-8999-5265f071f9b9	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1012	own:a466a35a-a9e0-402e-ae23-5fc3bf5ea0e5	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1015	own:bc335e51-1a59-41bc-8af8-d02382615cef	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1018	own:d570e7d9-cd47-4ab2-85e6-5adc77ba56ca	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1021	own:f7c977dd-f8a5-4f20-bdb7-f2a64cfd0bba	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1028	own:edaac318-5010-4bf6-8062-45939d70d51d	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1031	own:9a640332-b622-4ec0-a46e-5c0f1e7d739e	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1037	own:50326212-143f-4e87-a01b-13330b4ef761	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1040	own:676e7f3b-9890-46aa-9cb5-c170a34dc938	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1043	own:fe87c181-3f4c-4bd1-9268-454a1d554085	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1046	own:598423c7-b69d-4ba2-896b-778a68b1bf01	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1049	own:b8e05028-e6ba-49d7-afb4-d9baf3073d70	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1053	own:78b66fc4-8a09-4949-85b5-a2169bd55914	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1056	own:cf68827a-8d80-42de-b47a-4e26c1ce5b04	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1059	own:a4810b79-45d9-4be5-9b5a-d5a4819fb756	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1062	own:38b709c2-4ce8-4d2f-b110-57f132b06ce7	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1065	own:95380fd4-8e3b-4787-a516-03070209ec7a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1068	own:54c3404f-56b7-4c3c-a69c-c7da6b5f841a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1071	own:90be6e6c-da93-4647-accb-6867bc920ae5	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1075	own:133376ba-208f-440a-a4f2-be6e07278f10	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1078	own:844ddd59-dc00-4c11-b5e5-5cca7fe3ba34	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1081	own:6a114662-8bc2-4842-b2e5-a557e545e051	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1087	own:1c2a2aa0-94ed-4a07-9be1-46a22660f5d4	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1090	own:c786e95c-8b7f-449f-bbd2-b74511508d2e	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1093	own:66ea5293-4241-48d5-bcf7-6dc3337082be	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	924	own:c1b87885-605b-43b8-8dd2-dffd502d8403	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	934	own:f064ba10-d274-4e40-aa2c-5682ae87690f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	974	own:6e52772a-0c43-4f9e-addc-394c2989b708	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	984	own:9f023fcc-9d45-42ed-9e39-a46afde22b4a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	0.5188480357758091	0.4323733631465076	millilitres	118.74999999999999	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1024	own:3a792ff1-c957-4a71-8308-c8453bd9101c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1034	own:43a74d57-6151-453e-a777-f1c6af8c50b9	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1084	own:edbb0bae-9f38-4d95-a18f-72811baa5bf2	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2.2793021783180203	2.849127722897525	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1144	own:52bf7722-3555-4a7c-a385-d2aa1a7f1cd4	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1194	own:299fb54a-f627-433a-b0ad-6e0a93a35dde	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1100	own:8995e3a9-59e8-40e0-9171-bd0a7b96563b	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1103	own:e0392f31-298b-43f7-b744-ce53637f38a8	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1107	own:95d52a13-00a0-4629-b08f-7f0160db357c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1110	own:4c11ffa9-2005-4ac2-aaaf-54fd151b35ac	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1113	own:32913ebe-17d7-4f8d-ad0a-2ca6dd5bb86f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1116	own:1d1bf870-a10b-4ecd-a2b3-76f77cd5ee24	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1119	own:c6319734-daf1-4c97-97b4-504ff6de65e2	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1122	own:6126f116-4c44-4f0b-aad2-de349c9848ca	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1125	own:723f1c78-1ea4-40cd-a57a-19eb6c7e33ec	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1128	own:4f2957d8-dfa4-491e-8997-d0c2e61137e4	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1132	own:41a7ab47-18e5-4281-8f4c-f921283f35c7	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1135	own:b9e9b0c9-c767-41ae-b2a3-eadd38f15b04	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1138	own:56a39802-a201-4b7b-be6c-6f240f96deea	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1141	own:ee8e54de-e4aa-4f1c-aa5c-955db39cabb2	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1147	own:54d40725-604a-438c-9df8-fb7d80b311a5	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1150	own:6e3da563-badd-47d5-9de5-3f90fe9e72f1	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1153	own:59cdea2c-7cd7-4c3f-9ebf-e72dabd70e4d	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1157	own:c32e118e-0403-4641-8fd8-339bfab470f6	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1160	own:8f1e4edd-262d-4083-a746-df164b622533	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1163	own:c21a559e-1a8d-4b1b-9e85-0e6143baf4e7	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1166	own:6ea7bb70-ee82-401d-895e-67e732a57340	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1169	own:a78ad915-15fc-4bc2-ae4a-616c6859c147	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1172	own:205a834d-33c5-4085-ac6d-89005be8e918	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1175	own:6cefd0fd-1259-4967-acae-8868b2458855	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1179	own:5cd8b22c-7f5b-4b0c-92b4-7532b1a5b753	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1182	own:02924974-9a45-463a-bc02-0b7919d6dbf6	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1185	own:cf74032f-f555-4f02-be61-604daca4d602	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1188	own:ea56cc11-cca1-4e13-97f4-fc6f06da2d0c	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1191	own:6a18fece-1e02-42bf-bf6c-0804e1de33df	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1197	own:cb02d15e-85cc-4c5e-bbf8-3a8a687c44cd	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1200	own:e810eff7-e553-499d-ba01-5a6a4ad7e05b	0f695444-3172-4c54-9bd0-a16ef4fbdeba	1.4274586248008347	1.7843232810010434	millilitres	178.125	1
\.


--
-- Data for Name: journal_moving; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_moving (garden_id, journal_id, from_place, to_place) FROM stdin;
\.


--
-- Data for Name: journal_note; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_note (garden_id, journal_id, text) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	171	Brown edges on the older leaves, white crust on the rim.
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	278	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	279	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	280	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	281	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	337	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	338	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	339	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	340	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	374	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	375	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	376	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	377	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	481	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	482	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	483	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	484	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	524	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	525	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	526	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	527	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	564	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	565	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	566	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	567	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	711	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	712	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	713	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	714	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	849	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	850	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	851	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	852	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	990	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	991	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	992	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	993	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1094	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1095	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1096	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1097	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1203	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1204	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1205	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1206	Note of month 10
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1306	Note of month 1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1307	Note of month 4
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1308	Note of month 7
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1309	Note of month 10
\.


--
-- Data for Name: journal_potting; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_potting (garden_id, journal_id, pots, litres_before, litres_after, mix_before, mix_after, fresh, roots_cut) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1358	1	0.9688004218063888	0.9688004218063888	peat_perlite	peat_perlite	100	0
\.


--
-- Data for Name: journal_reading; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_reading (garden_id, journal_id, method, meter_id, ph, ph_typed, ec, ec_typed, ec_unit, ph_plus_minus, ec_plus_minus, ph_shown, ec_shown, celsius, celsius_typed, before_ph, before_ph_typed, hours, hours_typed) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	192	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	1.22	610	ppm	0.11796871140152715	5.354070028909507	6.2	1.22	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	193	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6	6.0	1.64	820	ppm	0.13532327204478842	5.656734766413474	6	1.64	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	194	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.9	5.9	2.12	1060	ppm	0.10976863802810821	5.223294711210414	5.9	2.12	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	195	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.7	5.7	2.78	1390	ppm	0.12483210763719435	5.48011689243801	5.7	2.78	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	196	soak	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	\N	\N	\N	0.10426498370504404	5.134833635924028	5.6	\N	\N	\N	6.1	6.1|pH	2	2|h
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	197	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	0.86	430	ppm	0.10976863802810821	5.223294711210414	6.1	0.86	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	198	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.9	5.9	0.88	440	ppm	0.12483210763719435	5.480116892438011	5.9	0.88	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	199	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6	6.0	0.66	330	ppm	0.13532327204478842	5.656734766413473	6	0.66	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	200	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6	6.0	0.72	360	ppm	0.10976863802810821	5.223294711210414	6	0.72	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	201	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.9	5.9	0.68	340	ppm	0.12483210763719435	5.4801168924380095	5.9	0.68	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	202	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.6	6.6	0.62	310	ppm	0.12483210763719435	5.48011689243801	6.6	0.62	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	203	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6	6.0	1.28	640	ppm	0.14514360704718163	5.966573556070518	6	1.28	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	204	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	1.16	580	ppm	0.11796871140152715	5.354070028909508	6.1	1.16	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	205	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.3	6.3	1.04	520	ppm	0.13532327204478842	5.656734766413473	6.3	1.04	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	206	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.4	6.4	0.94	470	ppm	0.10976863802810821	5.223294711210414	6.4	0.94	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	207	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.5	6.5	0.84	420	ppm	0.12483210763719435	5.4801168924380095	6.5	0.84	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	208	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	1.04	520	ppm	0.11796871140152715	5.354070028909508	6.2	1.04	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	209	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	1.12	560	ppm	0.13532327204478842	5.656734766413473	6.1	1.12	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	210	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	1.08	540	ppm	0.10976863802810821	5.223294711210414	6.2	1.08	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	211	runoff	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	1.16	580	ppm	0.12483210763719435	5.48011689243801	6.1	1.16	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1310	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	3.16	3.16	mS/cm	0.1086902041632055	5.205722755377038	6.2	3.16	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1311	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	2.33	2.33	mS/cm	0.31622776601683794	13	6.1	2.33	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1312	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.7	5.7	0.6	0.6	mS/cm	0.31622776601683794	13	5.7	0.6	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1313	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.3	5.3	0.99	0.99	mS/cm	0.31622776601683794	12.999999999999998	5.3	0.99	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1314	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	1.72	1.72	mS/cm	0.10760096220542242	5.188091284040974	6.2	1.72	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1315	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6	6.0	2.93	2.93	mS/cm	0.31622776601683794	13	6	2.93	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1316	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.4	5.4	1.19	1.19	mS/cm	0.31622776601683794	12.999999999999998	5.4	1.19	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1317	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	0.66	0.66	mS/cm	0.31622776601683794	13	6.2	0.66	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1318	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.2	5.2	1.52	1.52	mS/cm	0.10650058053375201	5.170399688344562	5.2	1.52	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1319	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.4	5.4	1.53	1.53	mS/cm	0.31622776601683794	13	5.4	1.53	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1320	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	2.12	2.12	mS/cm	0.31622776601683794	13	5.6	2.12	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1321	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	1.13	1.13	mS/cm	0.31622776601683794	13	6.1	1.13	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1322	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	1.83	1.83	mS/cm	0.1053887102137589	5.152647348977528	6.2	1.83	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1323	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.4	5.4	3.04	3.04	mS/cm	0.31622776601683794	13	5.4	3.04	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1324	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	0.99	0.99	mS/cm	0.31622776601683794	12.999999999999998	5.6	0.99	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1325	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.4	5.4	2.26	2.26	mS/cm	0.31622776601683794	13	5.4	2.26	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1326	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.6	6.6	2.63	2.63	mS/cm	0.10426498370504404	5.134833635924028	6.6	2.63	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1327	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.8	5.8	1.29	1.29	mS/cm	0.31622776601683794	13	5.8	1.29	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1328	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.2	5.2	2.28	2.28	mS/cm	0.31622776601683794	13.000000000000002	5.2	2.28	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1329	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	1.51	1.51	mS/cm	0.31622776601683794	13	6.1	1.51	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1330	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.2	6.2	1.75	1.75	mS/cm	0.10312901344193375	5.116957908201745	6.2	1.75	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1331	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.7	6.7	2.51	2.51	mS/cm	0.31622776601683794	13	6.7	2.51	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1332	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	2.95	2.95	mS/cm	0.31622776601683794	13	5.6	2.95	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1333	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.3	5.3	1.98	1.98	mS/cm	0.31622776601683794	12.999999999999998	5.3	1.98	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1334	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.8	5.8	1.22	1.22	mS/cm	0.10198039027185571	5.099019513592784	5.8	1.22	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1335	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.3	5.3	2.63	2.63	mS/cm	0.31622776601683794	13	5.3	2.63	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1336	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.2	5.2	2.03	2.03	mS/cm	0.31622776601683794	13	5.2	2.03	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1337	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.7	6.7	0.97	0.97	mS/cm	0.31622776601683794	13	6.7	0.97	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1338	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.5	5.5	2.18	2.18	mS/cm	0.14270160404700294	5.792568800712687	5.5	2.18	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1339	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6	6.0	2.27	2.27	mS/cm	0.31622776601683794	13	6	2.27	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1340	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.5	6.5	1.05	1.05	mS/cm	0.31622776601683794	13	6.5	1.05	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1341	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.7	5.7	1.38	1.38	mS/cm	0.31622776601683794	13	5.7	1.38	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1342	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.3	5.3	2.91	2.91	mS/cm	0.14167108523540084	5.77335960726373	5.3	2.91	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1343	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.5	6.5	2.46	2.46	mS/cm	0.31622776601683794	13.000000000000002	6.5	2.46	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1344	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.2	5.2	2.8	2.8	mS/cm	0.31622776601683794	13	5.2	2.8	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1345	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.4	6.4	1.81	1.81	mS/cm	0.31622776601683794	13	6.4	1.81	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1346	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.4	6.4	1.78	1.78	mS/cm	0.14063301527722716	5.754086287029317	6.4	1.78	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1347	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	0.87	0.87	mS/cm	0.31622776601683794	13	5.6	0.87	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1348	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	0.7	0.7	mS/cm	0.31622776601683794	13	5.6	0.7	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1349	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.7	5.7	2.55	2.55	mS/cm	0.31622776601683794	13	5.7	2.55	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1350	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.3	6.3	2.8	2.8	mS/cm	0.13958722570548285	5.734748193458302	6.3	2.8	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1351	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.3	6.3	1.29	1.29	mS/cm	0.31622776601683794	13	6.3	1.29	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1352	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.1	6.1	1.73	1.73	mS/cm	0.31622776601683794	13	6.1	1.73	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1353	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.5	6.5	1.96	1.96	mS/cm	0.31622776601683794	13.000000000000002	6.5	1.96	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1354	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	2.27	2.27	mS/cm	0.13853354169421211	5.715344669061322	5.6	2.27	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1355	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.7	6.7	1.16	1.16	mS/cm	0.31622776601683794	13	6.7	1.16	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1356	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	6.6	6.6	0.64	0.64	mS/cm	0.31622776601683794	13	6.6	0.64	\N	\N	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1357	pour_through	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	5.6	5.6	1.21	1.21	mS/cm	0.31622776601683794	13	5.6	1.21	\N	\N	\N	\N	\N	\N
\.


--
-- Data for Name: journal_seen; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_seen (garden_id, journal_id, dryness, before_kg, after_kg, runoff_litres, note) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	216	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	226	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	235	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	245	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	254	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	263	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	273	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	286	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	296	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	305	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	315	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	324	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	333	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	345	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	355	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	364	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	382	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	392	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	401	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	411	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	420	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	429	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	439	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	448	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	457	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	467	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	476	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	489	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	499	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	508	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	518	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	532	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	542	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	551	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	561	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	572	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	582	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	591	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	601	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	610	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	619	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	629	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	638	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	647	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	657	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	666	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	676	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	685	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	694	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	704	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	719	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	729	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	738	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	748	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	757	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	766	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	776	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	785	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	794	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	804	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	813	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	823	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	832	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	841	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	857	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	867	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	876	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	886	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	895	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	904	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	914	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	923	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	932	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	942	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	951	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	961	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	970	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	979	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	989	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	998	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1008	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1017	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1027	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1036	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1045	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1055	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1064	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1073	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1083	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1092	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1102	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1112	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1121	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1131	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1140	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1149	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1159	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1168	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1177	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1187	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1196	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1211	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1221	dry	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1230	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1240	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1249	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1258	moist	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1268	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1277	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1286	wet	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1296	right	\N	\N	0.1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1305	right	\N	\N	0.1	\N
\.


--
-- Data for Name: journal_skipping; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_skipping (garden_id, journal_id, item, reason, until_on, note) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1367	feed:1200	still_wet	2026-05-16	
\.


--
-- Data for Name: journal_tending; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_tending (garden_id, journal_id, chore, item, found, product) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	172	bring_in	own:03e5d87b-e82a-498a-88e7-170cc98b14d7	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	173	look_over	own:eb37195d-6bd9-42df-96f6-7535fab6d514	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	174	turn	own:d37cf10b-6f50-4145-b11f-23617068ab3d	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	175	look_over	own:43ad4271-043c-4873-95be-b9faa6961856	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	176	look_over	own:1d0b0b06-f3d7-4102-915e-1294147c08ac	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	177	look_over	own:30ce7892-3322-4ec3-8e3d-b8328adc3607	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	178	look_over	own:5f849d8a-a2bf-46b9-b7c9-da17155606f2	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	179	look_over	own:94739450-746c-4a84-9eee-0a6a82b2b8da	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	180	look_over	own:e0a4610d-6c78-4efe-b169-ee5c2f83e590	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	181	look_over	own:b249a156-fc58-4f0a-9c57-ae09b24a14f2	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	182	look_over	own:c35161fa-3b1c-43aa-a2e0-d439aa53ab81	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	183	stake	own:3c5a09bb-ea4a-4a5e-99f0-9f7bc01c3e9a	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	184	look_over	own:29c3d696-2780-4457-9e6f-e1aa403edc69	nothing	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	185	stake	own:47e28c2f-9c9d-4e16-8acf-19897827e1a1	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	186	stake	own:5f5058de-3bb9-4cc1-afbd-0f0b822979d7	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	187	stake	own:9ef66c64-8d2c-4c3b-bbea-2434bab30954	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	188	stake	own:8acaa9d0-f566-4145-a5a1-bd79c120799d	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	189	pinch	own:23377db9-e8ef-4cec-9160-37857a448186	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	190	pinch	own:429e393d-c0b5-4a45-9623-caee9f1b9f98	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	191	pinch	own:9ceb212f-01e1-4dd0-a788-0b6a15b2033b	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1368	look_over	own:a20d8c52-6e8f-4bfe-a019-39a6939889a8	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1369	look_over	own:9b074e71-fd22-41a8-8134-0b93ac311cc1	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1370	look_over	own:febf9642-41ec-47d0-bb03-d2807e33cd10	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1371	look_over	own:cfe6406a-ab8e-4fbc-932d-7a33c4008311	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1372	look_over	own:4dad7bf1-a12a-41b2-84cd-965c5c8afabe	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1373	look_over	own:0bb6e7e8-a964-42b5-af90-5e9314f13640	\N	\N
\.


--
-- Data for Name: journal_watering; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal_watering (garden_id, journal_id, item, litres_each, pots, flush) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4	water:3	0.19710348200899447	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6	water:5	0.2072489199690852	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	15	water:14	0.14111212711812682	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	17	water:16	0.14260183939975632	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	19	water:18	0.14405538428113765	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	21	water:20	0.14542339613932329	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	23	water:22	0.1466616747233477	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	25	water:24	0.14773204178915197	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	31	water:30	0.4174251104441889	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	36	water:35	0.4174251104441889	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	46	water:45	0.32200668699763435	3	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	60	water:0	0.1804419843984927	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	61	water:60	0.20708930957119245	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	62	water:61	0.21769741908598292	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	63	water:62	0.22830733213226492	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	64	water:63	0.23887024198883638	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	65	water:64	0.18602534463880124	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	66	water:65	0.1918434257140916	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	67	water:66	0.19757780536047778	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	68	water:67	0.203219813431979	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	69	water:68	0.2088461122107855	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	70	water:69	0.21437613320660007	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	71	water:70	0.219765466631192	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	72	water:71	0.22500038640932138	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	73	water:72	0.23006693455504856	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	74	water:73	0.23494200921447697	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	75	water:74	0.23962127970012775	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	76	water:75	0.24409698012674608	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	77	water:76	0.2483584944898642	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	78	water:0	1.4274586248008347	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	79	water:78	1.4444828232649933	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	80	water:79	1.6213937225932802	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	82	water:81	1.6274333357729318	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	84	water:83	1.5122599938774766	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	85	water:84	1.5992817613383	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	87	water:86	1.729837708409346	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	88	water:87	10.687094301611834	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	90	water:89	1.4493575187968655	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	91	water:90	1.4960064741286947	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	92	water:91	1.541911952077802	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	93	water:0	2.2793021783180203	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	94	water:93	2.337392463752225	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	95	water:94	2.6204909323773236	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	96	water:95	2.410733859788984	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	97	water:96	2.625274887999981	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	98	water:97	2.8449862735183036	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	100	water:99	2.5717820125224455	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	101	water:100	2.709898733435818	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	102	water:101	10.48869311881236	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	104	water:102	2.982584305358726	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	105	water:104	2.3241802309878468	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	107	water:106	2.4220964998344106	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	108	water:0	0.5188480357758091	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	109	water:108	0.5964010474353667	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	110	water:109	0.6446895005191106	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	112	water:111	0.5548215314888353	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	113	water:112	0.5846414667288757	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	114	water:113	0.6149682145133011	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	116	water:115	0.6560705195294666	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	117	water:116	2.999575158333829	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	118	water:117	0.7177147797117162	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	120	water:119	0.7581439011045545	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	121	water:120	0.5222867111459021	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	122	water:121	0.5357544047308149	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	123	water:122	0.5491890252806619	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	125	water:124	0.5691584233951197	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	126	water:125	0.5822653223311517	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	127	water:126	0.5952787946532817	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	128	water:127	0.6081832230263451	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	130	water:129	0.6336023197826595	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	131	water:0	0.35548934668217885	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	132	water:131	0.39123071723690667	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	133	water:132	0.42290726478063173	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	135	water:134	0.3639551383020997	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	136	water:135	0.3835165973271754	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	137	water:136	0.4034105182687701	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	139	water:138	0.4303730535304261	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	140	water:139	2.0673887395150388	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	141	water:140	0.4708108230956338	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	143	water:142	0.4973317593478329	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	144	water:143	0.5172332278809924	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	145	water:144	0.35585718159918817	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	147	water:146	0.3733599381889603	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	148	water:147	0.38195787994903263	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	149	water:148	0.39049453516153265	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	150	water:149	0.39895965907376546	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	152	water:151	0.41563422981479853	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	153	water:0	0.013071965323940232	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	154	water:153	0.015654532228122086	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	155	water:154	0.01367210606191801	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	157	water:156	0.01582830781455918	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	158	water:157	0.016959063543882692	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	159	water:158	0.013475801749418514	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	161	water:160	0.014791883278427849	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	162	water:161	0.01543488933799851	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	163	water:162	0.016078164477242772	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	165	water:164	0.09640548052044517	360	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	166	water:165	0.018000230992208367	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	167	water:166	0.018626018592740646	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	169	water:168	0.013168930773071527	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	170	water:169	0.013436977196263529	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	212	own:98c8cdf8-9602-4d0b-b781-e81e06e4500c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	213	own:f90aaa30-feb1-4daf-9230-a0b96c6fcbe5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	215	own:a5280fa7-c1f4-4ace-8bad-59d0c23d0514	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	216	own:d26f66d0-6511-46b0-a8ae-25a6c5a7c281	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	218	own:bdf00624-4741-42c2-9042-7b1fbfe25ed0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	219	own:4fee002e-6948-48b8-82ad-294cca3c9336	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	222	own:d17b99dd-fff6-47ff-bb25-2e2f5be45aab	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	223	own:97019dcf-2aa5-4bde-84b5-d02256d6651b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	225	own:42df616d-64d8-4194-a54b-63da23ad1643	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	226	own:1846f7c7-ad72-4b88-aec1-3332cbd744ca	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	228	own:15d65e29-2090-4b82-91a9-bd9f70359e40	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	229	own:87aa97c5-db45-4635-8268-a1a2d19887c5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	231	own:92d86d93-5e07-45b2-abb6-789bd592372c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	232	own:68a83bf8-c6d7-4bfb-b441-8bf7bf1f3531	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	234	own:65f6c9d1-3246-47ae-8009-91fb4ce696e1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	235	own:08ef6b71-9b90-45a2-abfc-5f931bc5698b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	237	own:047efaec-86ce-44ad-a283-021f7f58654f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	238	own:861f7ce1-c09b-4ce9-ba6f-0d29e5cdf53d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	240	own:25f845b0-c1de-4be1-a818-177047dac354	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	241	own:9bd943e3-db71-479c-bd37-f2ad080ae00e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	243	own:1e928ab4-84e6-438e-acb3-4f39dfeec3a8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	245	own:9e125170-8a3a-4705-bd4f-62ec67dfd743	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	247	own:55d0b524-8042-4094-998e-a1f7cbd726fe	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	248	own:eb8b404e-1341-47a3-ba79-fd66d928dffb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	250	own:6a771bf9-ddb8-4716-a230-46f5ff924c77	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	251	own:68bc67d4-83d5-4fd2-8857-72d426f430a9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	253	own:33549edd-becf-44c4-ab8a-83f26eba0b47	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	254	own:43c11836-130c-4337-9953-c5a65ae4c4f5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	256	own:970fb0e7-68ec-45b2-95f9-993bf3a57dc4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	257	own:ea49ed0d-3197-49a3-8109-289fc8388a9f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	259	own:38eb28b2-6cc2-4f00-b26b-73895661b303	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260	own:f8eff76e-f8c4-4a04-b303-83581adac626	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	262	own:b3ba3af0-9364-40d6-82ba-8a3ce871a2fa	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	263	own:1e52c63c-4873-4aac-9d7d-a10c586a4250	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	265	own:ced15d2e-1dea-4901-a59a-54cedee70184	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	266	own:b33f3be7-1501-4902-aca5-4a08a2e03bbb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	269	own:108a29f1-67c0-45f7-9e89-9ba287b9daf1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	270	own:6084568d-8480-4b0c-8b42-599f1e42ab8d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	272	own:96bbf886-db12-4bf5-a974-54fad28a0b1f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	273	own:e0e0e32c-04cc-4dc6-89c6-9f5ddc729f8a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	275	own:29dd19e6-eb1b-4e62-ad4d-02600f654c5d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	276	own:0328780a-2b65-4739-a0a0-245aa9d19b9c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	282	own:618754a2-600e-4439-9857-33323bf97c68	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	283	own:945b9f2e-1c6e-4e96-8e7b-d32e15fbe033	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	285	own:bee1d875-0928-4105-8bb2-d10747ce777f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	286	own:96edb03b-fa11-406a-8729-b314780988a6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	288	own:9963d260-fcfb-42cc-9aa4-ff9db37a60d6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	289	own:8d206ceb-3f69-4b96-a4e9-d3e70190a174	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	292	own:aca17c65-0d21-46c1-8834-3cfd0144fec9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	293	own:141dac93-7657-4fca-a62b-e4de1378254d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	295	own:5a117517-adc1-4bbb-aa17-684841ce103d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	296	own:1e1fcc96-4e43-451a-9045-0736717ef3c4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	298	own:f1db79c2-627c-4b59-84d0-0935fa2da31c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	299	own:a8558e69-9852-4600-ae8c-7a9244afaf9e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	301	own:2f6ad0e4-3088-45c0-9a96-be1b25103d74	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	302	own:df5be3a3-7991-4982-9940-10a676f75262	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	304	own:0faaf4d6-cb9c-4b73-8a56-669b6e30a2e9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	305	own:39b3290b-c090-459e-b74f-201311d2a5b6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	307	own:eece3427-6d71-4f59-8a45-72524c8e3bb2	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	308	own:30091f65-f295-4915-936a-e05f36199cf7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	310	own:f3ea2b33-141f-47f1-bc8f-7482be6f3ac4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	311	own:cf300d88-a63b-4645-bc12-61ff33dee12d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	313	own:4c6e4601-6770-4708-a822-660c7423f619	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	315	own:4d8f52b1-0fd0-4b29-94fd-96d4e91d20a8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	317	own:2a08fc96-1d03-413a-984f-97ca985f767a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	318	own:deda845a-a578-4019-a614-c87b23521d18	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	320	own:436d5ecf-dba6-4298-bdba-2b8a20700bb5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	321	own:a47e16a7-a0e0-4244-9eb4-a47a413f9039	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	323	own:436a08da-1ce4-41ff-92f4-fa69d9fd2d25	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	324	own:9538af1c-415c-4be7-a0d6-4c5f6d3ec3df	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	326	own:75203e19-7828-47fe-a5d6-c2195b26ae66	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	327	own:82754ebe-2584-4b80-b4aa-95811dd58d68	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	329	own:d48a1742-6f6e-4e5d-9f25-32934ba563e9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	330	own:a967bd6d-3d4a-4e12-b054-e04e0d01a1b0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	332	own:ba16e0af-75b8-478e-b86e-6f407bf8be15	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	333	own:2790ec26-205a-4262-b6ff-3bd3433a5eca	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	335	own:9f788a01-23b2-46a3-9bd7-a593f2a35d8a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	336	own:e652364e-4d90-4637-8bd9-dccd4ecf2c1b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	342	own:7e56d5ed-997b-4ead-afbb-bd2847969103	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	344	own:8b40fc9e-0a2d-4135-94b9-204b3ccfa072	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	345	own:8c73b590-8a26-4401-9bb2-5a9a5ea64bda	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	347	own:3eba8e76-9110-456a-9be9-aaa15e157650	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	348	own:be9d3329-56bc-4380-9146-a77cd510bf13	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	351	own:ade9df25-45a4-4ca5-8989-349dc260b014	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	352	own:5a1ffa62-3457-4b24-ba1b-6bca9aa24c00	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	354	own:aa511b32-1c5c-4b26-9d61-a312e65716ce	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	355	own:7212c849-e41c-467d-ae49-d9cb0bcab5ce	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	357	own:d3c83720-5fbe-4218-a248-9ce3d7d795c5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	358	own:318da7f8-5f27-47c0-93a0-6e41372d8b1c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	361	own:4111ea27-2f20-4257-9edd-fc66c2d765c8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	363	own:4959e7f2-326a-4cd8-a4be-475771e2a1b3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	364	own:abb5855a-26ef-4e0e-b190-a3fa2a26470d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	366	own:268d675e-e0d9-4b85-9145-5421329922cc	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	367	own:ac6fcb37-453d-4a29-9bd8-0c1e0f1dc38b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	369	own:78a9e22a-6ebd-4b83-9c67-d8b4ff800ab4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	372	own:97620b39-fb3b-4ffa-bd62-6313dacaac79	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	378	own:e78692ed-fb02-41fc-96f5-405304a7ebd2	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	379	own:2b069d97-da5a-4691-b3c1-27c2a373a57e	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	381	own:8916347c-6e76-4556-bb9f-c3bccf887c74	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	382	own:9c0b9cee-f2ec-4dd0-9f2a-f98a7d9b8771	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	384	own:e5f4734d-ebd0-4543-a620-2ec69eedd30a	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	385	own:91b524b1-5b88-43f4-8c9b-2b85b4211ba4	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	388	own:6410027f-66e5-4f13-a2a6-a0c1b097861d	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	389	own:5ed16e94-8535-4bc3-9fb1-5722319a9eec	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	391	own:27eddefd-c28a-4960-bde3-44da9c580e54	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	392	own:3587c7ce-96db-4698-8a32-9d31303b8637	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	394	own:a8b2fe4c-8a58-4160-af45-c4539aefc7fe	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	395	own:0a75fe1d-4d9a-4608-a602-167e17df5b8c	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	397	own:69b01748-c8b3-4541-a996-5d3597f8246a	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	398	own:ca068c0b-4749-422e-968f-a87fdaf995aa	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	401	own:f803dbb4-f345-4139-821b-f78b20b348dc	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	403	own:e14dc82d-2171-4204-958a-a7444f521c40	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	404	own:46ccfd55-d21f-494e-be45-d683632f01ff	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	406	own:b2b4b9fe-2b4f-4a81-87bd-c854489d28ce	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	407	own:64a8fe0f-4157-485c-93f7-209abe187552	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	409	own:0e901219-013b-4bc2-9129-607bd02ad389	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	411	own:de974549-8008-453a-acd2-5d79c543deab	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	413	own:3dfda564-a61f-4d9e-a8ca-277e833f7bb5	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	414	own:a90fbc77-52f9-4a33-a531-44c40305291c	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	416	own:a9a722df-d744-45cf-ab21-9392cc373a3c	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	417	own:ec5ee228-c5eb-4b6d-aee5-b90044a7a446	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	419	own:300b10e4-9bfc-4e92-9644-3a7f36aa4977	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	422	own:f78ab828-8484-4e9e-a2c8-9aaafcec83b9	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	423	own:23ad8598-91f2-4363-8247-f5d3b5437fa5	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	425	own:a6734e03-ad4e-43af-b120-7e68446528bd	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	426	own:0292c893-1c5d-4e96-817b-74b0dac63ce0	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	428	own:80dcb2cd-dce9-48de-9e14-684fb5762f20	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	429	own:ad281de6-e530-47d1-87ae-44a1fa292d16	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	431	own:8d932d61-c115-45ff-8335-299ad0a054b5	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	432	own:7af57b02-522f-4b35-936e-61ded2e906f3	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	435	own:5d68aa5e-7ae5-424f-9b7a-1f139d2a0478	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	436	own:928d046d-7b9d-4579-9f6e-e36155894e6c	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	438	own:48d38f6a-3b8b-4985-8688-186d6d6bb612	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	439	own:13391306-2f5f-4e43-819b-ba83450e93bd	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	441	own:d021b7d8-3c2b-46d3-b3ad-23b5a41c1ddb	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	442	own:dd4b7b9a-06ee-4903-a839-5bf65254043a	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	444	own:84a9839e-483b-41c0-8e99-dd5862db6d5f	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	445	own:cfffb88f-6380-4a3e-948c-489310775186	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	341	own:16e14436-db5f-4afd-b08d-8d8c81123538	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	360	own:a880b7d1-e4a2-46f5-97bf-db9d85036517	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	370	own:987e6a60-0b0f-4f24-871e-af71603f9b3c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	400	own:6d9223e6-162e-4126-a6f6-0b09d5fa7591	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	420	own:0271ab94-d7af-43c4-8cd4-c8b4e10932ee	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	450	own:33bee4a5-d467-4ff5-b336-240515fd583a	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	460	own:72e16bae-1307-4981-aa0d-857fe0574858	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	461	own:cf44723a-5ac3-4fe3-829d-4a97bf1f1bc1	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	491	own:60f14d58-17ea-4042-93cd-7d7d64d9ce1a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	492	own:d2ae189f-128e-4ea3-a9d5-01cdb5b7c50d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	502	own:a5becc81-d6c9-4142-87c2-022ec8317823	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	532	own:d903a8b9-383b-4912-888a-7dd49eaa9386	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	542	own:d873535a-f8b2-44d9-91b1-a35c4e6f3096	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	572	own:0d6f448c-e5e4-4e6c-9aec-2f444b3e9f1e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	593	own:b9e59430-6324-4fe3-81bb-0b820a733370	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	603	own:c5c2d6a3-8439-44d4-a500-25f6272aacba	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	613	own:568b7a73-2ccd-499d-9e4d-b6faf7bba97c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	643	own:64366c34-e988-4a82-b55b-fc580ab7ca43	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	653	own:c516d6b8-7c7e-4ea2-b2e6-9a3e95b80bbd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	663	own:4230cd89-0642-465b-a99c-50d8626fb321	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	673	own:5b2ac746-4c66-4f20-a084-8187c1869e5c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	693	own:b5e3a7b1-fc87-4455-b17c-bb3a6ed40880	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	703	own:2c217e7c-0edc-4bd8-84aa-4d138f840d03	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	743	own:2e68c1d0-08fc-439b-ac3c-948539b97e9a	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	753	own:e923880a-c32f-479a-be7a-8569dc9b131d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	763	own:f25868d0-3a82-4cf5-bf9e-2719ad7a36c5	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	773	own:bc8afecc-8d31-4db9-8f7f-43db97d4e673	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	793	own:394499b7-6d1d-41ca-bf1f-75afb0c1896c	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	803	own:0d8eeb0f-4025-488f-9233-085c86808fd1	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	813	own:6340cd1d-176f-413d-808b-89147ab4389d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	823	own:2054ee4e-226b-4032-b9b8-efbe0a5efd1d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	447	own:8ecc0ac0-31b8-4a0e-ba23-6073ecc74515	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	448	own:9dafffba-3e9a-4231-8c3b-f497562d31b2	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	451	own:5f08334a-6e2e-4001-8762-b98c70137d40	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	453	own:82d789a3-daaa-489c-b16d-f1b0f0f7d61b	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	454	own:202bbb7b-bb48-4410-9d00-a60b7fe30705	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	456	own:ecd9d8fc-06a4-4ded-97cc-0ae4446b914a	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	457	own:da553078-4771-4288-a103-95f3358bd2b7	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	463	own:c1884bbf-98f7-4b47-9918-548904aa1f73	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	464	own:3500c0da-ceef-41d0-b906-a433e6eb96d8	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	466	own:e9304ad3-aef8-4c63-98b5-573dd2e46d40	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	467	own:8815ae8f-c8a2-40a7-b3b2-8df76f824ce5	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	469	own:f1899dce-b7d4-4a70-bd44-4aae6c1bb5a1	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	470	own:5490d6de-f2e5-4a57-b5f5-77bbf95f6528	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	472	own:f449d4a4-014f-48cd-b5a9-5a6d65b8f3cd	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	473	own:d3f67402-2516-49db-a22c-ac97b068639c	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	475	own:bbad2675-65a6-4099-87de-094fc968d7e9	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	476	own:d5377bb9-2c55-4d7d-a8fa-f57f99a34c72	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	478	own:196b846d-cdc6-4843-9bb2-ccf8ce9358be	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	479	own:27b4f2c2-1fb2-4235-b44d-66a73e6bc967	0	3	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	485	own:018a6375-cbb2-4479-9dcb-92a67fba0ec2	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	486	own:b806544a-86d4-4183-80ac-9102915668e9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	488	own:8aad9d62-ea14-496b-8180-b5fb892ee819	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	489	own:6bbbec7a-9e04-4e7b-bdcc-718fd372a674	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	495	own:14bfeb4b-6e82-4b51-b968-5f4c5e34faeb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	496	own:88ed32bd-379b-4ad5-a187-aa41851cce16	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	498	own:c0fff628-f8d4-415b-ba01-6369afd354ba	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	499	own:eb621750-e8ba-4876-a8bb-992b6dce8d76	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	501	own:730f9cbc-2750-439a-a377-d8586bedc32a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	504	own:434ea04f-d966-409a-8e2f-7b860ddeb216	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	505	own:92bc60b1-5122-4f80-94ec-5d694b7e5622	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	507	own:98dacc70-2d49-4ebb-b534-b7e67e3f7049	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	508	own:2ee0fa12-7a2a-4bfb-bbb0-98ce2cc2c572	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	510	own:993cd6e6-6553-48a6-9291-7c215a750542	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	511	own:bc0c56b7-c6f5-404a-9c9d-3a9e42fa3607	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	513	own:7b28e3bd-5f34-466c-b47a-056bfd599bb3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	514	own:d7fef5b6-8b91-41a8-bdae-cda98e32b3f9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	516	own:8777db8f-0883-478c-83c9-55f9f1834e04	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	518	own:3d6004f7-aa82-40b9-b601-681d9e4a9008	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	520	own:fe2baefd-5106-4845-bf8a-d32ffaf7aeb5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	521	own:aaadfd5d-27c4-402f-9521-ebf49a057877	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	523	own:f2739418-5248-496b-b79e-c60ff0dc5ce6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	528	own:0d2f090a-eb59-4361-927b-f0093f243359	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	529	own:07fcf151-1330-45a7-b734-2efb100b9f70	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	531	own:a9bc1b39-f370-4d32-ad5e-a6cd5dc4e0b0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	534	own:b48f4963-c455-472d-b9cc-8f96a30d0ee5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	535	own:d9bd8028-a01c-4ca5-8050-8a403ab80908	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	538	own:54279e5a-4e65-4ad7-913b-9f792fb849ee	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	539	own:6bbc66f2-451f-407b-b2da-1397afaf7249	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	541	own:980d9e59-d01a-4e91-9cc2-3a19942c7ba3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	544	own:f51d23b1-4dc9-4819-a7bf-a10e59afbfe1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	545	own:3fe86e4e-9fab-403a-a669-399be7de2733	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	547	own:0e76640e-6a82-4542-a1e0-ef44292f628d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	548	own:7ead2723-bea4-4b41-81d9-e0e18e724dfa	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	550	own:a80ae403-c4a6-4f28-9dcd-673bffd45896	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	551	own:2daa4a37-f1cb-4fb5-8982-b2fda8e49336	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	553	own:4f734a3f-5ebd-42c6-adc5-e8e9a87bc187	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	554	own:947d3736-32c1-407a-bfca-5e2754f145d0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	556	own:4899754b-5eb0-4b44-9327-e53729992754	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	557	own:888096b2-b638-4ac6-8871-8a3e2573e82b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	559	own:ea3dafe8-fa3c-449f-813d-b6234b26e46b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	561	own:1128d734-63a4-4690-9819-164955893ce1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	563	own:ed55f9dc-78ab-422a-a60e-9045de1341fb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	568	own:14de75a5-9370-43b1-9359-ec0c9e5dd65b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	569	own:2dca47ad-515e-4636-a422-ef276b9c3567	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	571	own:d6bc6f8d-ff14-4121-aca2-c48907c6a387	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	574	own:45d00ff4-c4e2-40f9-bc72-d5f9359161ac	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	575	own:46f1e13f-c31a-4de8-9aa0-b3e63bf4b645	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	578	own:343f4a32-63ab-48fc-830e-b70b4db20d2d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	579	own:6c9ceb00-36c8-4136-a1cd-2f9a433aa390	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	581	own:7df540f9-2f14-45c4-8d30-3254c951cd03	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	582	own:d60705c4-50ed-4e20-a1e4-8fb833968825	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	584	own:784d20e5-3877-4e17-b6a6-64276e7197da	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	585	own:f6abdba3-b0f3-4e27-b90e-976d7de514f7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	587	own:fc41fa87-1614-4160-9241-ec2071cab9c2	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	588	own:e476977c-f1cd-4ecf-a4b6-726e938fe9f4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	590	own:74f0d5b8-96d1-4996-bb4f-7bd81580bfa4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	591	own:09d588ac-504b-40ed-9b9b-033fe3ac1890	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	594	own:b400af6e-2c0d-4eec-a21b-266467652b6f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	596	own:4fad982a-f785-4b74-b3ea-1018f53d3a75	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	597	own:e95f3c3d-2f3d-4d7c-8733-d3a13bc8eb5b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	599	own:648191bb-3fb2-4f58-8f34-6b3189f767ed	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	601	own:5fd453ca-f4f5-41af-96ac-3a35957edb55	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	604	own:96570529-79ff-47bf-9889-862bfa198c03	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	606	own:eec70325-37de-45a5-ac32-1d41dcf17b04	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	607	own:3809f7f2-f3ac-4413-8445-246debe2d72f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	609	own:f348dc7d-99fd-471f-993b-fdb4fb7f5429	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	610	own:d2161004-81cf-4a9f-bc3b-e9068908fe64	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	612	own:60631f4c-9448-4919-a719-16a7df924e93	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	615	own:d705ce68-a4bd-40ea-9a44-5e339697f489	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	616	own:a28aedd6-60b7-4dfc-a618-b7dba44d0b49	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	618	own:8c39b147-6d84-4d2c-8885-5d151e91c055	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	619	own:c99674d0-edc7-45bf-b2a0-426a9d06395b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	621	own:030da090-ef1b-4446-a6ee-aaf5327e58cb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	622	own:fcb44bf3-3b02-4138-bc26-2d17fe8287b8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	625	own:7208dc9d-3ef1-4645-9dc4-538af5a6c163	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	626	own:a3b081bd-644f-44ea-af8c-79b664735b37	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	628	own:e65b2af9-76b9-42ff-98b3-5cf2e93863de	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	629	own:75ff9169-c3ea-433b-be00-ad21b061d756	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	631	own:d033a0d5-8fda-404d-b8a2-5eff492e710e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	632	own:4fa3e819-f482-4f89-80e1-6590e59607b5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	634	own:eee664b4-1565-47f4-bf66-31c09c1f7eec	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	635	own:096c8f0c-435d-4e5d-ae0d-36637b3a3f2f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	637	own:596e4652-fedd-41b9-9123-d59d49c112cd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	638	own:1308fcde-8ba5-4ad6-b876-3b41f573478f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	640	own:8b99297d-0e87-4d7f-9e50-88d696e7df0e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	641	own:257b8d4e-27e5-4e8e-8465-a495b2def98a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	644	own:6b09d504-5623-468a-abee-bcbf29bf9f53	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	646	own:586464f6-cb5d-4251-baaa-8fc7c623748f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	647	own:cc0a4b82-9fd5-4048-ae32-5704100f4b30	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	650	own:9aafb963-18ef-469d-bddc-a42282a88e87	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	651	own:8163625e-ef66-445e-8841-45ab9f7d1b78	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	654	own:d727c109-15b0-4302-95bd-02adececde41	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	656	own:4fb556bf-767c-47e3-b510-0caed121a946	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	657	own:6a494e0a-562d-42ac-a913-6d596e9737d1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	659	own:d1532ef0-a643-40ad-af87-de4c90e52f61	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	660	own:2fec9dc8-9733-4ffe-b387-5116408dfc4c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	662	own:3cab9809-b424-4aca-98bf-234506ff739b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	665	own:9c322c95-7b49-4d92-b1c6-5ea2558ef06b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	666	own:ae27963a-bed8-4a87-9238-4303c7b3e578	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	668	own:e5bdeda0-063a-469f-8cf9-812250d01484	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	669	own:1926ab50-3186-4e77-9cc5-a384cb8beb94	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	671	own:f6ed4abd-e849-4c7f-8a40-bbc32806d3e2	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	675	own:61151f36-b50a-404c-ab36-2c480eb71af8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	676	own:f3265871-374f-461b-98eb-a7a58d9cab00	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	678	own:06188822-64d4-45b0-a029-98b7ccda24ad	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	679	own:8e7d4924-604f-4fdc-9b1c-7de04f218312	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	681	own:60726f30-52ff-4362-bfd9-917ebdfe65d1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	682	own:7ffeaef6-bcba-436a-ba4e-40dcc7f6f746	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	684	own:95d7fdcb-2b43-4eee-aee2-135e47ad5e9d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	685	own:7b8ef206-5fae-418b-904c-e99edc15aeee	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	687	own:1de6b41e-187b-4f48-afbe-9e611dad98a9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	688	own:8eb49e15-f00c-4c7e-a727-042c4a3206a6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	690	own:bf6890ea-52a9-47f9-a900-e3f2dfeb31c2	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	691	own:c1e2b70e-42b2-4104-8db9-80d2fbf95298	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	694	own:b9c2b21f-84a4-4547-8b20-580601dfd13f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	697	own:ec8ed9db-8604-4707-b80f-ca5b7d2739e1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	698	own:f2c38d8f-7f3e-43c6-b8a2-6eb3a2519c51	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	700	own:221abb89-3572-493c-9eab-1d08f887087b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	701	own:b69ab467-0064-43cd-a310-8aee92aee7a1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	704	own:538f57e7-9293-4187-b964-e6959fc9a35f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	706	own:c22450bd-b0e0-47cd-ae8b-d65f66c9623e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	707	own:c0433844-c97f-4a27-99f0-a4487f6c655c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	709	own:82fd89f8-f092-4415-9dc9-fe43dd00608e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	710	own:189cc9e0-6d3b-40a0-9d6a-48929d478baa	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	715	own:01f50f43-b05d-431e-ae2c-d61e65447850	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	716	own:0e0d0988-9e80-4b76-a2ba-20249faeec67	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	718	own:74ed9618-6cc6-46de-9114-da8c656fec3b	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	719	own:be00c0f8-0c3c-4118-8bf0-2600dd6daa79	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	721	own:832e407d-deb7-4014-affb-6037b5116460	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	722	own:3d3f5412-7d5c-4a0c-a49e-25ea42940087	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	725	own:0c7620e9-7918-4a6a-8134-268f93b1b344	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	726	own:e980ddc4-3e61-4d13-b3f5-c61575b483cd	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	728	own:c140d5ca-0656-4177-ac26-3805ec83e1ae	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	729	own:f71a578a-52a0-435b-aea2-a82f26e787f1	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	731	own:4c4a8a9b-d835-4ec4-aa16-3f6525a22834	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	732	own:92290fb1-8cfe-4ac8-895b-10d8a82efb7f	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	734	own:65b7e957-9e4d-41db-972e-a20419612ad1	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	735	own:6a5d18ad-eb0f-4a5f-85c4-03122043dd95	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	737	own:602c2629-a3f7-4bb4-8bf6-e0a190954873	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	738	own:c6ef3af3-44ca-49d3-acc9-a05f0e93bda7	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	740	own:c309bd39-d4cb-4941-b751-4bd18c861cf1	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	741	own:875f76eb-f82c-4bfe-840a-a4d22a81e1f6	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	744	own:3d8e1cde-cc04-4273-89fe-49f3daa2c8ad	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	746	own:756cd6cb-475d-446d-bd2f-b6b217f05309	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	748	own:a1701a21-977e-4013-aef2-3cf92e0356fc	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	750	own:60bf3d7c-9f21-408b-ae54-c3d98160a802	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	751	own:5c76e79e-336b-4e88-8f01-f4f0b3609a17	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	754	own:ea466418-0ebf-444b-9c0e-cc2543a2ecee	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	756	own:35c5edc0-6e20-4d56-a607-abca84b79ef7	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	757	own:f12daa28-27ca-4bf3-9756-5a3be095cde5	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	759	own:36f20b47-594c-4cbc-8f8d-4bdef3784ff0	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	760	own:92d9c82d-beef-4704-ab60-723526302e7d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	762	own:95398d16-4577-4faa-b54c-30db04398e91	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	765	own:070ccb09-47d9-4676-a52f-cfdfcfced63d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	766	own:70f3aa14-a165-4493-a96e-807ac74d815d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	768	own:55b08802-e8c3-4682-bad8-f8312342d36d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	769	own:8c865902-fe6e-450e-b2e7-f12af0dd061f	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	772	own:7956ea75-2e60-4bd3-913e-5d206a9bbe52	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	775	own:94c4882f-c797-40db-b20f-671563ddf0cf	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	776	own:e9805a8e-f4f1-4674-ae30-aded1548c974	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	778	own:a6947fa4-fa80-4855-8178-8cf768e04e4d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	779	own:1c7115e2-d4a4-4e1f-bb12-62c6a0982a92	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	781	own:e49f56da-315a-4f8c-9c75-582990412fb0	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	782	own:cd2b624d-0443-4fb9-b694-9187aea26594	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	784	own:f1f1d1a7-d521-46df-ab07-7a522bc9e135	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	785	own:a556016b-0511-4293-b6f0-f786b70d94f7	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	787	own:a602bb6a-5b1b-4e9f-a7fc-1c36ccc5f328	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	788	own:9c0db02c-f3aa-4c62-8171-5000c4e03088	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	790	own:a986b1f0-2fac-46a7-89d7-57f6b237661c	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	791	own:c13c9143-4abc-40bc-bb75-2d1d17fa960c	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	794	own:26615f5b-96e0-4f30-ae4a-9380cb17d943	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	797	own:9db8fa38-c41d-4891-b908-6cd8f0757b0e	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	798	own:8f684446-45fc-47e8-8dfc-8772797775c9	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	800	own:9aa60213-3bba-41a6-bec6-57624b6264d1	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	801	own:4c52b05e-e005-411b-864c-e979b2b0b285	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	804	own:32bd3e08-ebf1-4eef-9b66-a04b092b7290	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	806	own:90b85a8e-6ff7-45bf-abc0-b7bd7a27ca18	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	807	own:90b3c276-ecd5-42a8-b916-1fce09887c47	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	809	own:f7cf3ae2-605a-4a84-b223-1a1c49c6e611	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	810	own:8541064b-6a4c-48f5-b2a0-86559be5248f	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	812	own:116c359f-dc51-4d36-acbe-fca4790b6999	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	815	own:ad9f9cca-4a28-470a-ab5e-f19076d6be0e	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	816	own:5e55e91b-2afa-4791-830a-558963f7e747	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	818	own:dac5edb5-3d22-4c1a-8983-ff84cf3e74a0	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	820	own:f3b9aa9a-35ff-4afe-98e2-93bbc3af3667	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	822	own:0f251e1b-324d-42fa-820e-6e1d635eb0e2	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	825	own:3bc217d7-03b7-4064-82f6-b54772b0769e	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	826	own:80d1c3a7-48df-4ec3-a476-94127c07a3b7	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	828	own:35857bc9-8e20-4183-9e56-3839b8051ac2	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	829	own:a8438990-e72c-4528-99e5-fca75aa9af20	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	831	own:808d6ecd-5c61-42f2-8c78-297789a88baa	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	832	own:fc25b6af-0609-4087-99b1-fec34ffe8a11	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	834	own:c976e6e3-4ba8-4542-824d-c35fc36f0929	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	835	own:d8e3adb6-9108-4a34-8121-bfda81874842	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	837	own:a608a29a-43b9-44f2-90cc-8b95cd1f892d	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	838	own:36097bc9-c5c3-41e9-9f12-f3b20fe167c3	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	840	own:caa44b74-1699-4fdd-9021-4ade68ebd1ce	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	841	own:ddb5cbfd-b606-42c3-92fa-ffff664b0c85	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	844	own:f07170c7-a239-4d91-bb1d-456efb278582	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	845	own:8f52aa75-1923-40b0-a3d6-449f866849bb	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	847	own:661fa535-1bd1-4d97-8305-d4edfcea1c67	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	848	own:4e3d56d1-da2c-49a1-90ca-e5926292d808	0	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	853	own:63180ad2-5565-44a6-b441-746af710fff7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	854	own:3dd7e9f9-4678-4039-86f9-550f858044fa	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	856	own:de22c8f5-2126-4b34-bcf4-17072bfd0bb7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	857	own:5a47d184-141c-4ccd-9d23-0a7c6ea869c3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	859	own:9234f0c4-c89f-499e-98ce-28b402a34c9e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	860	own:4c24dd0a-a6ab-4ac3-a442-25619badf8ab	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	863	own:72840c48-22f1-4d01-a923-aefc0bf3bc24	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	864	own:d3b77723-4708-4526-ae41-ad82c154236a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	866	own:a7453d7e-74b6-4802-b0d7-7b042f9b988d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	867	own:eec8c650-f69d-4d56-9848-d54cbea7f751	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	869	own:c634d56c-4201-4e81-956d-76b8634a5ce3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	870	own:53851bff-d284-4c9e-8219-03ff094b276d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	872	own:b76b694e-7456-4355-9bc5-086c6dfffde4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	873	own:a2aad77d-baa7-4068-b87e-1fd43eec5314	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	875	own:cce1fc01-e9f4-4a1e-a983-d9f8bfb6b3b1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	876	own:86c48ce0-1ca0-4953-926f-3bf49675b4a9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	878	own:f0e3e547-5ef8-426b-b220-57de2b9a2ad5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	879	own:2cc09778-5a6c-48b3-890a-14a14d2d42a5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	881	own:e32fdfb1-f679-43e7-961c-04d434258dff	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	882	own:7cdb9888-00d1-4141-8c73-b776d6129a30	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	884	own:e00ed7a8-b4e9-47fc-a79c-dccc6829dd63	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	886	own:1c65b6c0-086a-42f6-8573-361ca0e5ed75	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888	own:5eb86695-e274-4001-bed1-f51ca2980afb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	889	own:ef24559c-69d4-46cd-a67c-d49159f4797a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	891	own:d36154a1-1220-46f7-a290-d24c2083f3fd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	892	own:f67fdc22-c77f-40f5-b5d8-a7215e03f531	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	894	own:3c1940a7-4ef9-44ca-8b6f-6e6833723c6e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	895	own:a1465d9d-8af2-4fb7-b81f-7e8e2346b585	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	897	own:8230a98c-9c94-4a2d-9efb-63b2a7f12bc8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	898	own:ad31597b-756f-423e-819c-99544eb8809a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	900	own:3e76f5d7-6aa4-4261-9cd9-7f42b29296b0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	901	own:4c518bbb-1f44-4db6-bc68-6546600df434	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	903	own:bb8c7c87-b25f-4ab4-9b3b-b756f722dec0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	904	own:2c5d21bc-d927-447a-a62f-366cd3b6a454	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	906	own:2ae20c7c-e1f4-4dc9-9bc3-c6f4d7407141	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	907	own:f81c431d-7d55-40a7-9509-d81233f7829d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	910	own:f578342d-a371-49c5-a5ef-d11eb33a762b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	911	own:098d50ba-43df-4a0a-bec5-21999f6ce9ad	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	913	own:ba282ec4-98f9-4855-a303-603a8858ae71	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	914	own:65893a31-44ab-4862-8419-870a90087273	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	916	own:79fa3bb8-0328-43a6-84d1-5de47cc4d1c1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	917	own:00a60ec6-7d03-4309-adb0-35b6e1ed629d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	919	own:45ab7d7b-7906-4a6d-a13f-2b1156d0125b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	920	own:297cd241-f978-4e59-b884-88ad3948c3b8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	922	own:745be8fd-034e-49aa-86dd-0817425a4a8b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	923	own:ff1b73ad-55c5-43ce-88a2-24066b627ca7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	925	own:1a359a6b-4059-490e-a888-95c92711f8bc	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	926	own:8359a876-8a50-40db-bddb-7d9967fb01a9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	928	own:792f6c0e-00e4-4245-be99-f7f7c9c3c268	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	929	own:b5247dc6-df18-4779-b949-e6b83f552bb4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	931	own:8c8416a3-ae45-4686-a65a-58b027e38378	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	932	own:66f3aa1b-9e1a-4557-b102-f369ebb63c1b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	935	own:c2dd896d-02f8-45fb-956e-11c5a4c63d1d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	936	own:0fc130f4-74a1-4546-9041-84f40399fbdd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	938	own:2bafd3c1-432e-45f1-b78d-10ba8fabd1ef	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	939	own:56d6df3d-3b60-4a77-8725-26be13787967	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	941	own:cc26aa83-cfcb-4840-b3f5-789aca520f9f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	942	own:8ed5602f-600b-4638-8a40-d5225d6385ee	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	944	own:500c1a52-2124-41fc-9884-7cc8cd2f6d11	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	954	own:39442e3c-015c-41a6-b59f-fb652041afab	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	964	own:6fda8e56-48ad-476a-b7cd-f0d10ceb1b5a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	994	own:ccd0d6ab-99d7-4693-8ef2-097aaa72344b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1004	own:0a8b3e54-0988-404f-be9e-e4185b819361	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1014	own:dadc93ca-21e5-4a3b-bf2b-d34bc39169ad	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1044	own:6a468b5e-a966-456d-956f-d3d20ec34219	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1054	own:e332dfc2-020d-4775-8c1c-d7aa7c500f2d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1064	own:5ceb5263-91e7-4654-9984-5254763f3874	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1104	own:a4228191-dd48-4171-9907-a18109233669	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1114	own:9807137f-d90b-4cce-b342-c0547e4d0220	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1124	own:53b4dc23-34b9-4b71-9a4a-e4fc5e05999c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1134	own:29b504c0-2f72-42bb-bfbf-2df4f6653385	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1164	own:b98e7802-12aa-47e9-81b8-ac491f306ca6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1174	own:e2d01022-c256-4a5e-b22d-86c9b3e2851e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1184	own:c1163b1c-1d50-46af-94f0-9c342f26214a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1214	own:2925a118-c693-420a-94be-1bffd6550d68	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1224	own:160f42e3-8e2e-4c26-b9b0-6b920a4999b4	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1234	own:584acb18-8671-4c6b-a32f-a08680c9be04	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1244	own:cab75e7b-9f67-467e-b3c6-2635b54a44a1	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1254	own:d8433360-5c21-4063-ba28-3cb4de6fd8ef	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1264	own:4b30afb5-9af0-43a9-9c06-6686c342b31c	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1274	own:3a8d3c9a-c719-4555-a9ae-700118a0eb47	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1284	own:2f4ff385-3ee3-41ba-8faf-3b39f07698e2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1294	own:b485e8fc-669c-45c2-81fe-63f42791d305	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1304	own:aa2f3337-8f9d-4907-8319-c5d301e35383	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	945	own:46aacfdf-b5c6-402e-b654-dbe7427c4dcd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	947	own:ac07b176-5359-4622-8339-b3aae473d52d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	948	own:49f510d2-898d-4aac-b831-96ffa7a226ed	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	950	own:af042952-6a74-4c93-b0c8-15d4234cfe91	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	951	own:921ae2da-8a38-4cae-acad-fc1b1a783637	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	953	own:b1d25c0e-1428-4a32-8371-215af230402f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	956	own:c8264c8e-15be-44ab-9480-cc229dfa292e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	958	own:d4d3d73f-c747-433f-8ac1-58d04e60c9f0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	960	own:9ea33288-5873-4b00-b2be-b9089a6e464b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	961	own:786fda3a-1f09-46b3-85d9-38e71c7fc4f4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	963	own:b65019c9-80d1-49d4-bfb7-84a71fec9639	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	966	own:80c3f841-1da3-4c93-a1e8-2f263c323cdf	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	967	own:ef630fe8-3c94-4331-a082-2421d7271e32	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	969	own:1cd795b0-f365-4596-86ae-842d60f365b5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	970	own:ddeb7fc0-d15a-49ed-bf20-9aded3c5673c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	972	own:554accde-b36f-4929-ae69-5a4e2806e98f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	973	own:5abfb12b-c4be-4619-a5f1-c2a0eecbeeaa	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	975	own:4abab45e-e83f-4132-9056-a73787267ab9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	976	own:8dfbc1d6-3b4b-4c8d-9f62-eeb87f9bba32	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	978	own:7a186e7e-74a6-405b-85f8-eb8455659542	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	979	own:935cfd43-dcb0-4fc0-a141-b5ca31f754d5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	982	own:1723b20e-9b81-4caf-840c-14bccfbef196	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	983	own:eed2e2cd-a6d2-413b-a59a-b5de9e380a48	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	985	own:9404abba-4495-47f0-a142-f2de260eac94	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	986	own:45924d8d-b15d-417b-bf86-18df0b73497f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	988	own:3a61f095-2de2-46b2-8265-1164cf8f4ece	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	989	own:00bf33a5-6b21-4667-80a9-670f840d1838	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	995	own:b64034ec-f332-49d7-ab63-614ddc0cdb9c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	997	own:4b7c9e05-ed7b-4262-96de-abecedf44e18	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	998	own:9c55eaa7-02a5-4777-9a83-264c4e4c9558	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1000	own:87e6763a-0155-414e-a4e8-db631af95f78	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1001	own:92bbae5c-6e0b-4240-afad-21ca05b30af2	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1005	own:0f507cb6-14c9-4dfc-9716-aba051f116ca	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1007	own:e92b544c-b2f3-4aee-a68c-c2e787ad5f65	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1008	own:e8221e00-0551-4c0b-ab29-88c8dd9fa6f7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1010	own:d12dda65-8297-4ee6-befa-da439300238e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1011	own:c798970a-1f59-42d3-b928-d1e412cf208c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1013	own:74ab4710-82a5-4260-ba97-844211f24587	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1016	own:876b97d4-3db2-43cc-b2e3-036e5b428fc8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1017	own:49ae2f37-2bf4-444c-8187-c307135eb234	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1019	own:f05d3ad2-d4cd-4d9c-ab37-185d41fe5f24	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1020	own:f68ce8b8-60c4-41e9-95ae-4672b77dc6bf	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1022	own:79ebb9c6-acde-41a2-b9c5-c0121cc48dd8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1023	own:3b849f99-57c2-4629-b4c3-a1760edf80dd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1025	own:6a7719cb-613b-4b4d-95d3-ada24c7d46f1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1027	own:43098e2c-2521-4be4-a1b2-c6cb1c2d0f75	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1029	own:b3c40dd2-a604-4495-b19f-f55ecbc63275	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1030	own:d6aeb27f-9927-4cd6-ae28-685c76436f6f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1032	own:8ba23001-2572-4d9e-95b4-5779bf15167a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1033	own:303c1e3b-b5c5-47f4-a98a-96d788b78086	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1035	own:4ef1f032-3eec-424e-812b-8965570a40db	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1036	own:0c52a330-b832-41cd-887a-611399922826	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1038	own:7445b6de-fe25-4e88-9ba7-4c318b5d11ba	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1039	own:365027f0-fb49-4055-b655-c7f2d95a39f8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1041	own:1a5338f5-a8f3-497c-93fa-1bd5e1282520	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1042	own:d80a4ae4-5f34-435b-9414-0ea54079353a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1045	own:e8eddd84-5be3-4fdd-bfa0-219b77c856a4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1047	own:821737f5-5489-485d-b99b-68af4acd77ec	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1048	own:ce766c1e-8833-401f-8426-62c5616dc6d7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1051	own:198b7f14-46c5-41b9-8a94-780ba15dbc92	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1052	own:7b64cbea-7007-4edb-8f02-b9bab90b80ad	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1055	own:21939a22-155c-4d20-aff9-25f23e58b0d4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1057	own:b052754c-a092-4364-9cd8-c6af5d5cf7d7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1058	own:c93bac68-f1c1-42a1-9d9b-59198fe5def4	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1060	own:64eeedcf-1139-4a9a-822e-472d79b4aee9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1061	own:25f12448-59cd-4b30-8e61-104c3a814c99	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1063	own:12d81c57-db40-4118-9d89-6cc81e1da8d5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1066	own:4090245d-dcec-4a72-ba17-ff2818a8a68f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1067	own:d4310182-6502-47a4-b61a-baa146ee1d9d	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1069	own:5fca56e5-29de-4db8-b329-cbe83d182749	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1070	own:868f5c56-fa3a-4e52-9d1d-9221381a3192	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1072	own:93a1d853-58db-4622-a75b-c63250a80c48	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1073	own:96595dbf-2232-417f-a64e-9101a9e17d44	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1076	own:cbf39e36-76df-4427-b60c-d514c88d4d98	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1077	own:1f89d023-4128-475b-8e41-4093bd70e6d6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1079	own:d77e5c70-138c-4fa7-8d2f-ce12446018b5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1080	own:02ed4c4c-c979-4c09-a6d4-846fbfdca1c3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1082	own:2d021f2b-8c43-49db-9b8b-4ff3c90e6fdd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1083	own:15ed3745-4f9d-49fc-9c61-38da7c21461c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1085	own:15c3193a-22b0-415d-9032-e1791b06ab3c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1086	own:dd673e74-c30f-4320-93d9-7785c547cf24	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1088	own:a6e453c5-bc7a-4d7d-b580-e257e13c0b49	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1089	own:faa12589-d06e-461f-939f-ea6353e63d59	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1091	own:4226f9aa-13a8-405d-ac02-fb6e0c03fa1a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1092	own:cf33b172-b69f-42ba-b1ae-c85aaceb1886	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1098	own:88e3bc94-186e-4c78-b3ce-e5b59148d8e5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1099	own:88a8d5d6-ba4f-43af-8cf9-11d5ff5d786b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1101	own:e2099970-b920-44d9-9dba-be56ff8689d1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1102	own:c1315f1b-591e-4fd9-a0ac-515658fe3e6f	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1105	own:31484429-0206-4e37-a705-9a3f760dd86a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1108	own:60d5eb54-9107-4478-8e3e-43fd9e76c297	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1109	own:1f4ac0ff-e6b1-42c1-9a33-df99fedfeb05	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1111	own:89cd7a4b-3ee3-4405-aaee-1573cc91f294	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1112	own:8aa60986-c164-450a-ac3d-7117c393c9d5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1115	own:f460efd5-3bd7-4b63-8675-5df1a713f16b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1117	own:58c96730-a687-4005-ad5d-188a81c5cf77	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1118	own:ba139197-4328-4077-900d-b49bc744b795	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1120	own:6662986e-88b0-4160-be70-1da4acca0b40	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1121	own:11f4032f-76d6-4680-b810-1236c1f8ffd8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1123	own:0804ceb9-b3a2-43e9-b2c5-1f343ca8b310	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1126	own:1fabc7fd-98de-4814-9b50-09820d66dd1e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1127	own:471ab5ca-230f-42c0-915c-e1093e33c111	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1129	own:2954e56b-eeec-484d-9f6d-25ba06e2c6aa	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1131	own:5a8559fd-663f-4cb5-9569-a30897ea8250	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1133	own:31684a04-ea33-4362-8829-a6f144d02930	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1136	own:fb242e47-ffbc-4a75-bc0e-8f7ec69696f6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1137	own:ce886531-b758-488c-907a-14f0dad0a289	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1139	own:2276f4f1-e928-4da6-a0e5-9afc59fd80c6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1140	own:0a52dad7-546f-49c6-9c09-08a1e586f571	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1142	own:d4ba9c8f-81c3-4e0a-96a5-68d101dbc6ad	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1143	own:8aabbcf5-8573-4150-b765-dc6f908e4981	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1145	own:6287b1b8-1721-4db7-89d9-49e7b84eae8c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1146	own:9efd9795-5f78-4aaf-94f8-bdf159363cc5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1148	own:a81f5f45-775a-4c66-aa1a-7563a70739c9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1149	own:2a0437c7-2dbe-4bac-a518-ebff9b2069bd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1151	own:d4826faf-d86f-4346-9b92-52d33da50ca0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1152	own:080f5ed2-4fe2-4ba9-9f2d-e98404ad8acd	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1155	own:5672536d-3c55-4e54-85e8-d94a8b4a72f7	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1156	own:b6502f0b-77e0-4cf7-a30c-801bd3655682	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1158	own:c54ea5b7-31e5-45cb-9af9-d13bca9d954b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1159	own:dc4d1fc4-454b-4910-a5b7-34025f9b141a	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1161	own:d048604d-c2f5-4e4b-a602-2c79958c3b07	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1162	own:9a608433-0540-4171-a4a9-2569491e8cb0	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1165	own:df42f0c1-58ab-4c59-89dc-ef5b392a8bbe	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1167	own:11650bc2-d6f6-407e-8cd9-b272fd2e993e	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1168	own:df543371-fb3f-4c2a-bc6c-f92180064fc3	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1170	own:a214e0f4-979a-48bd-8467-c9e303e79497	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1171	own:37417ca9-47e0-4d7f-b133-823f4cb47156	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1173	own:3c13f965-1914-4e48-af58-fcecb34bf904	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1176	own:6488fc9a-09e6-42ec-a0e8-f21e0600224b	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1177	own:faff12a4-4f9b-4a32-b146-6cf276a4dd14	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1180	own:63e5a5ee-7acc-4756-9502-6a90008f7bf8	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1181	own:ab37c23b-ebb3-4bd8-8a86-569bd80292e1	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1183	own:8d10a22e-972f-410a-b9a5-2bddc761508c	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1186	own:f86490d6-adbb-486b-af01-726e39169c66	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1187	own:3887ba94-c75a-4a6f-8c3d-df41f2b9c540	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1189	own:248daf36-7458-4519-b4e1-1fc13b2a80b5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1190	own:5b515eac-414f-4f70-9a58-121782d79149	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1192	own:439146a3-a34e-4d99-b6b3-0392614c9db9	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1193	own:b9434dbe-caa2-470c-9c5d-8b8c01ec26fb	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1195	own:520ab82a-7c04-4f9b-a3db-6be29242bbc5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1196	own:1702b607-4176-4b05-9f81-42886d6718e6	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1198	own:62f3a44c-fe5e-4845-b61d-910cee3a17b5	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1199	own:a9b7d5e1-e1b7-467f-a6d1-cf3eebf33009	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1201	own:b88b26d8-f2f4-4adc-b954-2b8195d8da45	0	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1207	own:f872f090-1654-4934-84b8-156a82993943	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1208	own:83cb3d7f-50fc-4e48-9260-c683239c3255	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1209	own:deb84ad7-56b7-48ed-bce5-4463b5614ab2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1210	own:ec9cd355-82e9-440f-91f2-b9859487a8db	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1211	own:7ceb1f14-6212-4624-8990-47d0f4b84c1c	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1212	own:49e2550c-2332-4267-ba82-42f5cc25acdc	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1213	own:05542262-36e8-4657-a941-5aa9586f91b2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1216	own:7b9a22f7-cf6e-4d10-b5a0-6d7ed0b88ca5	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1217	own:0644ce6b-5cf4-4b80-adcb-7de766325e9e	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1218	own:403a7030-0a11-4d22-a68c-60bd4e9a92af	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1219	own:99e8a91b-4a31-4f7a-9db5-09c5ba40fb36	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1220	own:47ea3c33-05ef-435f-8d42-d307bb118ea9	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1221	own:6c6581f4-0112-4452-b3ed-d89f12c97944	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1222	own:b9ab72d5-7280-43ee-b7c1-61f667817823	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1223	own:1c9ff1f6-6fe7-4041-9c32-72102180bb5f	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1225	own:4b9d5267-8574-417d-832d-6456c0dc9f50	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1226	own:48e19433-a872-4af0-be9c-94416acc421a	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1227	own:18902002-de27-4cf5-9578-852f4e55d05a	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1228	own:d1cffcb2-6261-4e9f-86eb-29721c528916	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1229	own:ef6232f3-41e2-49fc-ae00-ea5e516a7a50	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1230	own:c6ee6800-0752-4595-8b06-b1cb41257322	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1231	own:3cf4525d-5ac7-4f2b-8480-b983a0a78bd4	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1232	own:caf9906d-45ba-46c8-8137-55e6a3c82483	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1233	own:4e2cedbd-74b1-427c-af43-f686dd6a2b67	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1235	own:5cacfa1e-20d4-4a7b-8b40-31dbd02ed3e9	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1236	own:2ec0b5ad-c0be-4a40-99f8-fff55ce7c1c2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1237	own:b3704f5b-cb6e-4656-88cc-45fbe47b7275	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1238	own:dff76536-d6ef-4809-b20b-5e246fe5ab97	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1240	own:fa135fc0-a635-416b-8e76-a8d51afb447d	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1241	own:91386ddc-852c-423d-862e-a770188a94a6	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1242	own:86190be5-66f3-4826-9d83-688a945de717	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1243	own:2d436c7c-eea2-42e6-b24c-1de55b6e23d1	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1245	own:e07e6f7e-d37f-437d-a417-2e018da4fa5d	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1246	own:2dd15f0f-6828-48d3-ad41-c9f5b486406b	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1247	own:e54dbf1e-92e2-4070-8167-2e125903aab4	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1248	own:45eaec66-9238-4f23-8c1a-f8fe31091e6b	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1249	own:674ae001-6797-43fd-97c0-66c79656030d	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1250	own:798b9913-b3b5-4f4c-8ccd-462efdd58844	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1251	own:0b09225e-f8bb-4049-89f9-b96ffc34e7d3	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1252	own:b6190948-e9f8-43e2-86d1-a90cc40e0de2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1253	own:e62444c3-995e-4360-bbbd-93b78f6490d5	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1255	own:e6061213-809a-4c3e-abe0-1776b85295ef	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1256	own:6bb736ba-712c-4189-bc6e-63e54c6731fc	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1257	own:43a76f97-f8c3-4c46-9608-658d7453e4af	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1258	own:8717eb26-f189-4ff9-8620-dda7b342bc13	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1259	own:27f5ea55-dcd9-4cef-96e2-06813cf1ced7	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1260	own:991e2c5b-a32e-4d5d-9c31-f2d67b4647ed	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1261	own:b3c2709b-f49b-404e-8101-2c48c298a062	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1262	own:a8680a2b-a264-4b41-9ce0-818aa45debe7	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1265	own:95ddd303-35f8-47a8-9d25-567277e98fd6	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1266	own:9a19f7b4-044e-4dcc-91f3-3a37226e1730	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1267	own:af05f30a-8c5e-40a2-a33c-6c62bfa6e1ce	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1268	own:3fd743d0-74b5-4c7e-aa63-5825dc8949ae	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1269	own:953c6eb2-2e0f-4989-8fb2-73ac1f6d6653	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1270	own:11b47a9f-95a5-42c2-918c-9574e593e5cf	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1271	own:1519514b-e146-4cff-bde1-87d5da19156b	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1272	own:418b5b2f-26b8-46ca-a7c8-c6e83933ee9e	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1273	own:50ea0222-57cd-4090-ac5e-ca0ae52be662	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1275	own:5dbe4eab-cc0d-4008-9c65-bc1200e77b0c	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1276	own:16540abf-e678-4941-b6dc-d9af17e07f43	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1277	own:71982ec0-b2c9-48f9-aa4c-bd8440097624	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1278	own:1c1b2488-db2e-4376-aa2d-69c582d59bf5	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1279	own:7f51c224-1926-4ea1-ac7f-7670762c04cc	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1280	own:d5aeb01b-8e7f-4205-84f7-34998246100d	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1281	own:30958c85-7660-40ad-a438-72651ec5c55f	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1282	own:70c93b88-36b4-4851-8bb8-b240d848eb5b	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1283	own:8abf1b89-d969-4469-bb43-7e17b793dc62	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1285	own:b3d3211e-4906-4b7f-bf29-9b48930b871e	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1286	own:ecda04de-7447-45fd-8019-fbf3231b1b08	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1288	own:45ab3de9-1125-451c-8858-97d5b6062cbf	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1289	own:62ea8b58-944f-42c1-a3fc-24ded9d83c49	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1290	own:f7b896da-10b1-49fe-a340-923d247f60a1	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1291	own:afd7a139-1f4f-4e4a-a0fb-0df45c7f1da2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1292	own:39dff55d-3814-41e2-aa95-52aaa91b127b	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1293	own:f456a5b9-6287-4c51-926f-b5ff6770164f	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1295	own:15593b8f-f240-45be-992c-578f7baeda9c	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1296	own:84baf0e1-c966-4ab3-924b-d55f2b099cc6	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1297	own:cfc1dd49-e20c-4ece-b39c-8ec91da38678	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1298	own:202d3145-e499-418e-9a01-d51ea1e74694	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1299	own:609c15b9-c50f-454e-a172-1a90a53522ed	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1300	own:f54426f6-cbbb-47a0-b71b-ad2cefc6b0d9	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1301	own:da6edc86-b6f7-4d16-ac51-d34301e66d92	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1302	own:24f2e8a1-22be-4e61-9167-96cb04a38af2	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1303	own:517481f7-1411-4824-a36a-68661b5789ff	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1305	own:5c4306f3-ae3d-494f-95bf-8b8e253ac1a7	0	6	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1360	own:987e6a60-0b0f-4f24-871e-af71603f9b3c	0.5	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1362	own:78a9e22a-6ebd-4b83-9c67-d8b4ff800ab4	0.5	1	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1363	water:170	0.01459270660432813	360	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1364	water:54	0.2870558523796274	3	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1365	water:152	2.0673887395150388	1	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1366	water:130	2.999575158333829	1	t
\.


--
-- Data for Name: lot; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.lot (garden_id, id, name, pots, species, shape, top_m, top_typed, base_m, base_typed, height_m, height_typed, measured_litres, measured_typed, mix, place_id, water_id, feed_id, started_on, repotted_on, version, across_m, across_typed, gap_typed, material, watered_before, fed_before, split_from, retired, retired_on, retired_why, tall_m, tall_typed, traits, conditions, rhythm, undrained, flush_by) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	Streptocarpus ‘Wren’	1	streptocarpus	round	0.12	12|cm	0.09	9|cm	0.11	11|cm	\N	\N	d6ced93b-688a-4761-a1ad-6809a6a5b359	e80f7607-741d-404b-84f7-c268252e39d0	687c3bae-8e82-4337-a426-3b7dad2fe22a	f97bc0b0-1657-4f93-be70-014e753d0c19	2026-03-18	\N	1	\N	\N	\N	plastic	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	Wax flower over the desk	1	hoya	round	0.14	14|cm	0.1	10|cm	0.13	13|cm	\N	\N	peat_perlite	e80f7607-741d-404b-84f7-c268252e39d0	687c3bae-8e82-4337-a426-3b7dad2fe22a	f97bc0b0-1657-4f93-be70-014e753d0c19	2026-03-19	\N	1	\N	\N	\N	clay	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc15d41-6009-4d5e-b378-e93694ebb1d1	Slipper orchid ‘Dusk’	1	slipper_orchid	round	0.12	12|cm	0.09	9|cm	0.11	11|cm	\N	\N	bark_charcoal	49eb6706-a7f8-44af-83d3-5f553d89f4c3	f52e6748-f096-4ae2-adf5-d3bd77b7a661	e98bc299-92e3-4a2b-8374-b8ee4211480f	2026-03-09	\N	1	\N	\N	\N	plastic	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c142b1-b98b-4340-ba52-896ba6d43f52	Rock dendrobium	3	rock_dendrobium	round	0.11	11|cm	0.08	8|cm	0.1	10|cm	\N	\N	bark_charcoal	869f7eac-3295-45fe-90b1-15c3e5dd28f8	f52e6748-f096-4ae2-adf5-d3bd77b7a661	e98bc299-92e3-4a2b-8374-b8ee4211480f	2026-03-19	\N	1	\N	\N	\N	clay	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	Clivia from Aunt Orla	1	clivia	round	0.2	20|cm	0.15	15|cm	0.19	19|cm	\N	\N	peat_perlite	869f7eac-3295-45fe-90b1-15c3e5dd28f8	687c3bae-8e82-4337-a426-3b7dad2fe22a	f97bc0b0-1657-4f93-be70-014e753d0c19	2026-03-19	\N	2	\N	\N	\N	glazed	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888617e8-b1d6-4e02-b5eb-ac58c3a73722	Trumpet pitchers	6	pitcher_plant	square	0.15	15|cm	0.12	12|cm	0.14	14|cm	\N	\N	peat_perlite	298dfab4-3d85-479b-b8af-e2891655eb62	f52e6748-f096-4ae2-adf5-d3bd77b7a661	\N	2026-03-19	\N	1	\N	\N	\N	plastic	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	Standard fuchsia by the gate	1	fuchsia	round	0.28	28|cm	0.2	20|cm	0.26	26|cm	\N	\N	peat_perlite	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	687c3bae-8e82-4337-a426-3b7dad2fe22a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2026-03-18	\N	1	\N	\N	\N	plastic	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c05fc83-edf0-4180-887b-e2b8c6ba608c	Olive in the big pot	1	olive	round	0.4	40|cm	0.3	30|cm	0.38	38|cm	\N	\N	clay_pumice_lava	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	687c3bae-8e82-4337-a426-3b7dad2fe22a	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2026-03-19	\N	1	\N	\N	\N	clay	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	Larch in the grey tray	1	larch_bonsai	box	0.32	32|cm	\N	\N	0.06	6|cm	\N	\N	clay_pumice_lava	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	f52e6748-f096-4ae2-adf5-d3bd77b7a661	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2026-03-19	\N	1	0.22	22|cm	\N	glazed	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	Hawthorn in the oval tray	1	hawthorn_bonsai	oval	0.28	28|cm	\N	\N	0.065	6.5|cm	\N	\N	clay_pumice_lava	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	f52e6748-f096-4ae2-adf5-d3bd77b7a661	0f695444-3172-4c54-9bd0-a16ef4fbdeba	2026-03-19	\N	1	0.21	21|cm	\N	glazed	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d094483e-165f-44be-a94d-e96dd19bc63f	Heather plugs spring batch	360	heather	plug	0.045	4.5|cm	0.03	3|cm	0.05	5|cm	\N	\N	peat_perlite	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	f52e6748-f096-4ae2-adf5-d3bd77b7a661	f97bc0b0-1657-4f93-be70-014e753d0c19	2026-03-18	\N	1	\N	\N	\N	plastic	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050bcb27-8bf2-4140-88f4-f894a693619a	Maidenhair on the shelf	1	maidenhair	round	0.13	13|cm	0.09	9|cm	0.12	12|cm	\N	\N	peat_perlite	49eb6706-a7f8-44af-83d3-5f553d89f4c3	f52e6748-f096-4ae2-adf5-d3bd77b7a661	f97bc0b0-1657-4f93-be70-014e753d0c19	2026-03-19	2025-10-26	2	\N	\N	\N	plastic	\N	\N	\N	f	\N	\N	\N	\N	{}	{}	\N	f	\N
\.


--
-- Data for Name: lot_chore; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.lot_chore (garden_id, lot_id, chore, item, due_on) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888617e8-b1d6-4e02-b5eb-ac58c3a73722	look_over	tend:look_over:184	2026-06-02
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c05fc83-edf0-4180-887b-e2b8c6ba608c	look_over	tend:look_over:180	2026-05-19
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c05fc83-edf0-4180-887b-e2b8c6ba608c	wrap	tend:wrap:0	2026-12-17
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	pinch	tend:pinch:190	2026-06-01
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	stake	tend:stake:188	2026-06-08
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	look_over	tend:look_over:176	2026-05-20
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	pinch	tend:pinch:191	2026-05-31
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	stake	tend:stake:185	2026-06-08
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	look_over	tend:look_over:0	2026-04-07
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	wrap	tend:wrap:0	2026-03-18
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050bcb27-8bf2-4140-88f4-f894a693619a	look_over	tend:look_over:178	2026-05-24
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	look_over	tend:look_over:179	2026-05-26
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	bring_in	tend:bring_in:172	2026-11-27
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	stake	tend:stake:0	2026-04-30
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	look_over	tend:look_over:182	2026-05-26
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc15d41-6009-4d5e-b378-e93694ebb1d1	stake	tend:stake:183	2026-06-08
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc15d41-6009-4d5e-b378-e93694ebb1d1	look_over	tend:look_over:173	2026-05-24
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c142b1-b98b-4340-ba52-896ba6d43f52	stake	tend:stake:187	2026-06-09
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c142b1-b98b-4340-ba52-896ba6d43f52	look_over	tend:look_over:181	2026-05-24
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c142b1-b98b-4340-ba52-896ba6d43f52	wrap	tend:wrap:0	2026-10-17
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	turn	tend:turn:174	2026-05-19
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	look_over	tend:look_over:177	2026-05-26
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d094483e-165f-44be-a94d-e96dd19bc63f	look_over	tend:look_over:0	2026-04-01
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	pinch	tend:pinch:189	2026-06-21
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	stake	tend:stake:186	2026-06-07
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	look_over	tend:look_over:175	2026-05-21
\.


--
-- Data for Name: lot_move; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.lot_move (garden_id, lot_id, move_on, place_id) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	2026-06-01	e24b2e5d-e77e-476e-af5c-460e4b72c1b2
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	2026-09-20	869f7eac-3295-45fe-90b1-15c3e5dd28f8
\.


--
-- Data for Name: lot_read; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.lot_read (garden_id, lot_id, method) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	runoff
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	soak
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	runoff
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050bcb27-8bf2-4140-88f4-f894a693619a	runoff
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	runoff
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	runoff
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	runoff
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050bcb27-8bf2-4140-88f4-f894a693619a	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc15d41-6009-4d5e-b378-e93694ebb1d1	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c142b1-b98b-4340-ba52-896ba6d43f52	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d094483e-165f-44be-a94d-e96dd19bc63f	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c05fc83-edf0-4180-887b-e2b8c6ba608c	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	pour_through
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888617e8-b1d6-4e02-b5eb-ac58c3a73722	pour_through
\.


--
-- Data for Name: lot_state; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.lot_state (garden_id, lot_id, last_watered_on, last_fed_on, water_item, feed_item, next_water_on, water_gap_days, next_feed_on, feed_binding, feed_earliest, feed_latest, due_on, retired, ph_finding, ec_finding, feed_per_day, place_id, species, name, name_folded, learned, learned_low, learned_high, learned_from, last_flushed_on, next_flush_on, rules, salty_on, salty_litres, no_feed_until, feed_share, feed_share_until, account_flush_on, account_flush_litres) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c61a5c7f-1985-40b9-9ea1-eac7f6123d51	2026-05-12	2026-05-12	water:13	feed:13	2026-06-01	20	2026-05-24	calendar_day	2026-05-22	2026-05-26	2026-05-24	f	inside	inside	0.03188627822676247	e80f7607-741d-404b-84f7-c268252e39d0	hoya	Wax flower over the desk	wax flower over the desk	0.46799036499012814	0.4147829116815813	0.5325918010068972	10	\N	2026-05-14	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cc475193-1673-419f-bc72-425221774d56	2026-05-14	2026-05-10	water:1365	feed:151	2026-05-16	2	2026-05-20	calendar_day	2026-05-20	2026-05-20	2026-05-16	f	inside	inside	0.02993594498376243	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	hawthorn_bonsai	Hawthorn in the oval tray	hawthorn in the oval tray	1.6612026710494776	1.3364274880254723	2.03399125864675	3	2026-05-14	2026-06-11	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d7b06259-d864-4c9d-8801-b5783f4474f9	2026-05-13	2026-05-04	water:92	feed:1200	2026-05-16	3	2026-05-14	rhythm_latest	2026-05-14	2026-05-14	2026-05-16	f	cannot_tell	below	0.19624812542218076	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	fuchsia	Standard fuchsia by the gate	standard fuchsia by the gate	1.2458169541927069	1.0941742837052104	1.4190675485932571	7	2026-05-02	2026-06-13	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	050bcb27-8bf2-4140-88f4-f894a693619a	2026-05-13	2026-05-08	water:25	feed:24	2026-05-25	12	2026-05-19	calendar_day	2026-05-18	2026-05-22	2026-05-19	f	inside	inside	0.011513801364523964	49eb6706-a7f8-44af-83d3-5f553d89f4c3	maidenhair	Maidenhair on the shelf	maidenhair on the shelf	0.4103204190189547	0.3570069605691474	0.4723665527410147	8	\N	2026-05-14	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5c05fc83-edf0-4180-887b-e2b8c6ba608c	2026-05-12	2026-05-09	water:107	feed:106	2026-05-15	3	2026-05-19	calendar_day	2026-05-19	2026-05-19	2026-05-15	f	inside	inside	0.28791185410332887	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	olive	Olive in the big pot	olive in the big pot	1.1275513839937472	0.970445533548508	1.3231298123374367	6	2026-05-01	2026-06-12	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	888617e8-b1d6-4e02-b5eb-ac58c3a73722	2026-05-13	\N	water:77	feed:0	2026-05-16	3	\N	\N	\N	\N	2026-05-16	f	above	above	0	298dfab4-3d85-479b-b8af-e2891655eb62	pitcher_plant	Trumpet pitchers	trumpet pitchers	1	0.735	1.36	0	\N	2026-04-13	5	2026-04-13	5.437547434499468	2026-05-28	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cfc15d41-6009-4d5e-b378-e93694ebb1d1	2026-05-08	2026-05-02	water:36	feed:35	2026-05-23	15	2026-06-13	hold_reading	2026-05-23	2026-05-23	2026-05-23	f	inside	above	0	49eb6706-a7f8-44af-83d3-5f553d89f4c3	slipper_orchid	Slipper orchid ‘Dusk’	slipper orchid ‘dusk’	0.342477776457637	0.310366941265485	0.37908303810339883	13	2026-05-08	2026-06-05	5	2026-04-23	0.2736913110923063	2026-06-13	0.25	2026-06-22	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b3c142b1-b98b-4340-ba52-896ba6d43f52	2026-05-14	2026-05-11	water:1364	feed:54	2026-05-16	2	2026-05-21	hold_reading	2026-05-16	2026-05-16	2026-05-16	f	inside	above	0	869f7eac-3295-45fe-90b1-15c3e5dd28f8	rock_dendrobium	Rock dendrobium	rock dendrobium	1.7088718620339227	1.3231298123374367	2.181472265498201	5	2026-05-14	2026-06-11	5	2026-04-21	0.22139908845964357	2026-05-21	0.25	2026-06-20	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	260aa628-be79-4a1e-ac1d-bf769dfce4c8	2026-05-05	2026-05-05	water:7	feed:7	2026-05-24	19	2026-06-12	after_flush	2026-05-15	2026-05-19	2026-05-24	f	inside	above	0.012092924918266296	e80f7607-741d-404b-84f7-c268252e39d0	streptocarpus	Streptocarpus ‘Wren’	streptocarpus ‘wren’	0.41297995962038886	0.36787944117144233	0.463013068311228	10	\N	2026-05-10	5	2026-05-10	0.4768404974346976	2026-06-02	0.5	2026-07-09	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2530db15-032d-44b5-b5b7-c0be2619e8cc	2026-05-11	2026-05-11	water:59	feed:59	2026-05-23	12	2026-05-24	calendar_day	2026-05-21	2026-05-25	2026-05-23	f	inside	inside	0.1282916302472376	869f7eac-3295-45fe-90b1-15c3e5dd28f8	clivia	Clivia from Aunt Orla	clivia from aunt orla	0.9193695390945229	0.7866278610665535	1.0725081812542165	11	\N	2026-05-14	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	d094483e-165f-44be-a94d-e96dd19bc63f	2026-05-14	2026-05-08	water:1363	feed:168	2026-05-16	2	2026-05-19	calendar_day	2026-05-18	2026-05-22	2026-05-16	f	above	inside	0.001089330443661686	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	heather	Heather plugs spring batch	heather plugs spring batch	1.211036012788692	0.9417645335842487	1.5372575235482815	1	2026-04-29	2026-06-10	5	\N	\N	\N	1	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0d168206-6ec2-4b63-ace9-02b1c8d55c66	2026-05-14	2026-05-10	water:1366	feed:129	2026-05-16	2	2026-05-30	hold_reading	2026-05-20	2026-05-20	2026-05-16	f	below	above	0	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	larch_bonsai	Larch in the grey tray	larch in the grey tray	1.2303579930922972	1.010050167084168	1.4918246976412706	2	2026-05-14	2026-06-11	5	2026-04-16	1.1259160806347048	2026-05-30	0.5	2026-06-15	\N	\N
\.


--
-- Data for Name: meter; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.meter (garden_id, id, name, scale, ph_plus_minus, ec_plus_minus, version, typed, retired, compensates, probe_since, every_days, port) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3e11cc0c-48c3-4d0f-bf5c-d0f8922903c9	Pen meter	ppm500	0.1	5	2	{ecPlusMinus=5|%,phPlusMinus=0.1|pH}	f	t	2025-03-14	\N	\N
\.


--
-- Data for Name: place; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.place (garden_id, id, name, kind, lows, highs, humidity, light_share, sunshine, lamp_hours, lamp_ppfd, first_frost, last_frost, typed, version, retired, air, rain_share, aspect, altitude_m) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e80f7607-741d-404b-84f7-c268252e39d0	North window	indoors	{16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5}	{21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5}	50	0.18	0.38	\N	\N	\N	\N	{}	1	f	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	e24b2e5d-e77e-476e-af5c-460e4b72c1b2	Open bench	outdoors	{1.5,1.5,3,4.5,7.5,10.5,12.5,12.5,10,7,4,2}	{7,7.5,10.5,13.5,17,20,22.5,22,19,14.5,10,7.5}	78	1	0.38	\N	\N	10-25	04-28	{}	1	f	\N	1	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	49eb6706-a7f8-44af-83d3-5f553d89f4c3	Lamp shelf	indoors	{16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5,16.5}	{21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5,21.5}	55	0.05	0.38	13	120	\N	\N	{}	1	f	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	869f7eac-3295-45fe-90b1-15c3e5dd28f8	Lean-to	under_glass	{7,7,7,7,8.5,11.5,13.5,13.5,11,8,7,7}	{13,13.5,16.5,19.5,23,26,28.5,28,25,20.5,16,13.5}	70	0.6	0.38	\N	\N	\N	\N	{}	1	f	\N	\N	\N	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	298dfab4-3d85-479b-b8af-e2891655eb62	Small tunnel	under_glass	{2.5,2.5,4,5.5,8.5,11.5,13.5,13.5,11,8,5,3}	{13,13.5,16.5,19.5,23,26,28.5,28,25,20.5,16,13.5}	80	0.65	0.38	\N	\N	10-25	04-28	{}	1	f	\N	\N	\N	\N
\.


--
-- Data for Name: recipe; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.recipe (garden_id, id, shipped, name, measure, components, amounts, yield, target, lime, fineness, neutralising, typed, notes, retired, version, amendments) FROM stdin;
\.


--
-- Data for Name: species; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.species (garden_id, id, shipped, name, scientific, family, traits, retired, version) FROM stdin;
\.


--
-- Data for Name: stock; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.stock (garden_id, id, feed_id, mix, amount, amount_typed, counted_on, opened_on, pack, pack_typed, cost, currency, retired, version, component) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a5f23342-2b96-41ea-84da-9638e901749f	0f695444-3172-4c54-9bd0-a16ef4fbdeba	\N	90	90 g|g	2026-03-19	2026-03-19	250	250 g|g	6.5	£	f	1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b21e789e-d9db-4a86-9252-fe989c97c4bd	f97bc0b0-1657-4f93-be70-014e753d0c19	\N	120	120 mL|mL	2026-03-19	2026-03-19	500	500 mL|mL	7.9	£	f	1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	0b691286-f98f-4d8c-b7db-821418d96404	\N	peat_perlite	40	40 L|L	2026-03-19	2026-03-19	60	60 L|L	14	£	f	1	\N
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	69bc941a-6283-4924-8e1e-cd82b80c409f	\N	\N	90	90 L|L	2026-03-19	2026-03-19	140	140 L|L	19	£	f	1	peat_medium
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	5b392bc4-1803-4aab-9845-fc9973b7bf16	\N	\N	60	60 L|L	2026-03-19	2026-03-19	100	100 L|L	22	£	f	1	perlite_coarse
\.


--
-- Data for Name: todo; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.todo (garden_id, id, lot_id, action, read_on, "least", most, unit, due_on, until_on, done_on, retired, version) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cac72386-9beb-41d5-a7b3-809542d06ea6	cfc15d41-6009-4d5e-b378-e93694ebb1d1	skip_next_feed	2026-04-23	\N	\N		2026-05-14	2026-06-13	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	cb7ef620-f3dc-41fe-b840-9c5cadb38cbd	cfc15d41-6009-4d5e-b378-e93694ebb1d1	weaken_feed	2026-04-23	0.25	0.25		2026-05-14	2026-06-22	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	09050d61-ef94-49d8-8853-2dad61ae9d64	b3c142b1-b98b-4340-ba52-896ba6d43f52	skip_next_feed	2026-04-21	\N	\N		2026-05-14	2026-05-21	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	473dae01-6800-4596-a0ee-a6fc044c64f1	b3c142b1-b98b-4340-ba52-896ba6d43f52	weaken_feed	2026-04-21	0.25	0.25		2026-05-14	2026-06-20	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	72a28ef7-c8ed-4dcf-a46c-da9463a99cee	260aa628-be79-4a1e-ac1d-bf769dfce4c8	skip_next_feed	2026-05-10	\N	\N		2026-05-14	2026-06-02	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	b143299c-0408-42a9-94d2-27da52cc3e5b	260aa628-be79-4a1e-ac1d-bf769dfce4c8	weaken_feed	2026-05-10	0.5	0.5		2026-05-14	2026-07-09	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	1c868685-1375-48bf-9b97-f71a192f44e0	d094483e-165f-44be-a94d-e96dd19bc63f	retest	2026-04-17	\N	\N		2026-05-15	\N	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c2a4ccda-d520-4a6f-bc13-559f5743f53a	0d168206-6ec2-4b63-ace9-02b1c8d55c66	skip_next_feed	2026-04-16	\N	\N		2026-05-14	2026-05-30	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	a46d70b4-6510-4944-8390-89297b92ea55	0d168206-6ec2-4b63-ace9-02b1c8d55c66	weaken_feed	2026-04-16	0.5	0.5		2026-05-14	2026-06-15	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6313c286-c10f-4c9d-bd46-998fa7692056	888617e8-b1d6-4e02-b5eb-ac58c3a73722	skip_next_feed	2026-04-13	\N	\N		2026-05-14	2026-05-28	\N	f	1
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	6b52eb37-61fc-4e96-baac-3ad42622ad4e	888617e8-b1d6-4e02-b5eb-ac58c3a73722	retest	2026-04-13	\N	\N		2026-05-14	\N	\N	f	1
\.


--
-- Data for Name: vessel; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.vessel (garden_id, id, name, litres, version, litres_typed, retired, use) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2196b635-4cb0-4f42-846f-157074deb830	Can	5	1	5|L	f	can
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	c9b08ff5-513c-4f4e-a41a-16e46c0a7f1c	Indoor can	1.5	1	1½|L	f	can
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	753f6cf1-ef2e-4786-9c29-70625bb6104d	Bucket	9	1	9|L	f	can
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	3429dbf8-a252-4369-86e9-d6d38aa704cd	Barrel	200	1	200|L	f	can
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	11f56f06-ca62-49b0-aff2-5caf002b068b	Mortar tub	40	1	40|L	f	tub
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	4f7d4530-1c7b-4a9f-bcd3-e0f7bde89059	Coal shovel	2.5	1	2½|L	f	shovel
\.


--
-- Data for Name: walk; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.walk (garden_id, id, places, version, retired) FROM stdin;
\.


--
-- Data for Name: water; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.water (garden_id, id, name, ec, ph, version, retired, kind, alkalinity, contents, typed) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	687c3bae-8e82-4337-a426-3b7dad2fe22a	Tap	0.45	7.3	2	f	tap	165	{ca=62.0,mg=5.0,na=14.0,cl=22.0}	{CA=62|mg/L,CL=22|mg/L,MG=5|mg/L,NA=14|mg/L,"alkalinity=165|mg/L CaCO₃",ec=0.45|mS/cm,ph=7.3|pH}
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	f52e6748-f096-4ae2-adf5-d3bd77b7a661	Rain butt	0.05	6	1	f	rain	8	{}	{"alkalinity=8|mg/L CaCO₃",ec=0.05|mS/cm,ph=6.0|pH}
\.


--
-- Data for Name: weather_day; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.weather_day (garden_id, day, low_c, high_c, humidity, sun_mj, rain_mm, wind_ms, forecast) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-23	7.766000447499933	15.17052043739173	72.51622982774698	14.1020826865452	0	4.005126323280249	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-24	7.9416178727222615	15.552676212184242	82.25620124569846	14.81305625974591	0	3.0859358543843833	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-25	7.126268666673721	15.837010680893563	70.84950713590031	18.122472535891077	0	2.0038889231628687	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-26	5.41288691248999	13.635784611575767	72.29551914088991	16.840853992144652	0	2.347785504150457	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-27	7.537317262882915	13.609568845943897	89.76781623590621	10.636785245553318	2.1	1.1553503793776454	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-28	12.128931968903935	17.41404502985584	86.92974994691293	8.381604131446268	5.7	2.0187206934729813	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-29	13.886788519504506	18.886788519504506	89.69155174100516	7.591743024237569	5.8	2.8112793477513813	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-04-30	14.30773074109665	20.117471953681324	85.13811002400425	10.086920363229318	8.5	3.166565582009367	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-01	12.009890349401893	19.27212530061995	75.22827223180991	14.566669179014031	0.3	2.5459191234520135	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-02	10.101961291708003	15.92468898842545	85.57460115533829	10.270502611902808	2.5	1.2969162666746534	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-03	12.669889308017153	19.05496175125075	78.81849846810371	12.071264447803227	2.4	3.8023705822368634	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-04	12.010575761105962	17.82864752537487	79.11564689690397	10.396259810804784	6.4	3.774425961930967	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-05	12.365935260611554	19.864355573110462	76.61414696873095	15.703384504040171	0	3.2733144642103102	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-06	10.103579413776396	16.00389213298871	86.57429063847562	10.789848117466626	25.4	2.9587731219253506	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-07	12.401062937474013	20.00071167970614	71.4100034681508	16.222970439420774	0	1.5187732262577383	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-08	9.223396488444273	16.981020979085777	82.3226714029512	16.824133244746992	0	3.773857861023515	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-09	8.663301026726597	17.18083071274091	66.25911347330548	19.353045908258885	0	2.447771323331911	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-10	6.823727905162276	16.378597298882507	65.17413136459622	22.80009842251303	0	2.0744204923569507	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-11	5.682957571007353	13.825117653639953	70.06138701849909	18.36289003214651	0	1.795520146357775	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-12	8.553408965733354	16.53928019193161	68.70806953100644	17.956438332336955	0	4.710891454932002	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-13	8.83140286075118	17.08503787196542	76.34467204943745	18.928148663823425	0	1.266398801146655	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-14	8.593602296490168	16.538567364624605	74.39089760902436	18.01330444129681	0	1.5999383757969587	f
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-15	9.017438307537121	16.514991067049138	75.12774180486711	14.803772408410303	0	3.2202846123142383	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-16	9.547932149758356	18.444647786800424	69.91373096077263	24.230653975606398	0	1.8953781559342024	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-17	9.240724178308142	17.273178214324446	75.4125727251766	20.426332074005714	0	2.121080673629602	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-18	4.000089908666911	11.857130254531224	69.14132602009755	25.305891325910686	0	3.076371235594992	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-19	13.268856538527437	20.997788081869654	77.52399072701363	19.051344993301804	0	0.48176727103743744	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-20	9.241481931760775	14.946339493069445	85.83796882335274	6.3108517610608015	0	2.7530639928711844	t
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	2026-05-21	17.0309810693274	23.141516375273742	82.2531349881071	10.614697700952554	0	2.5023445022058537	t
\.


--
-- Data for Name: weather_state; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.weather_state (garden_id, in_use, told_at, failed_at) FROM stdin;
3e51d34d-c6df-49bd-adba-b1be27d1e4f3	t	2026-05-14 10:09:59.34054+00	\N
\.


--
-- Name: change_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.change_id_seq', 48, true);


--
-- Name: journal_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.journal_id_seq', 1373, true);


--
-- Name: act act_garden_id_client_key_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.act
    ADD CONSTRAINT act_garden_id_client_key_key UNIQUE (garden_id, client_key);


--
-- Name: act act_garden_id_undoes_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.act
    ADD CONSTRAINT act_garden_id_undoes_key UNIQUE (garden_id, undoes);


--
-- Name: act act_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.act
    ADD CONSTRAINT act_pkey PRIMARY KEY (garden_id, id);


--
-- Name: batch batch_garden_id_number_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_garden_id_number_key UNIQUE (garden_id, number);


--
-- Name: batch batch_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_pkey PRIMARY KEY (garden_id, id);


--
-- Name: calendar_day calendar_day_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_day
    ADD CONSTRAINT calendar_day_pkey PRIMARY KEY (garden_id, lot_id);


--
-- Name: calendar_state calendar_state_address_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_state
    ADD CONSTRAINT calendar_state_address_key UNIQUE (address);


--
-- Name: calendar_state calendar_state_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_state
    ADD CONSTRAINT calendar_state_pkey PRIMARY KEY (garden_id);


--
-- Name: calibration calibration_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calibration
    ADD CONSTRAINT calibration_pkey PRIMARY KEY (garden_id, id);


--
-- Name: change change_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.change
    ADD CONSTRAINT change_pkey PRIMARY KEY (garden_id, id);


--
-- Name: component component_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.component
    ADD CONSTRAINT component_pkey PRIMARY KEY (garden_id, id);


--
-- Name: feed feed_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.feed
    ADD CONSTRAINT feed_pkey PRIMARY KEY (garden_id, id);


--
-- Name: flyway_schema_history flyway_schema_history_pk; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);


--
-- Name: garden garden_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.garden
    ADD CONSTRAINT garden_pkey PRIMARY KEY (id);


--
-- Name: journal_count journal_count_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_count
    ADD CONSTRAINT journal_count_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_feeding journal_feeding_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_feeding
    ADD CONSTRAINT journal_feeding_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_moving journal_moving_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_moving
    ADD CONSTRAINT journal_moving_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_note journal_note_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_note
    ADD CONSTRAINT journal_note_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal journal_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_pkey PRIMARY KEY (garden_id, id);


--
-- Name: journal_potting journal_potting_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_potting
    ADD CONSTRAINT journal_potting_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_reading journal_reading_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_reading
    ADD CONSTRAINT journal_reading_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_seen journal_seen_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_seen
    ADD CONSTRAINT journal_seen_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_skipping journal_skipping_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_skipping
    ADD CONSTRAINT journal_skipping_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_tending journal_tending_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_tending
    ADD CONSTRAINT journal_tending_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: journal_watering journal_watering_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_watering
    ADD CONSTRAINT journal_watering_pkey PRIMARY KEY (garden_id, journal_id);


--
-- Name: lot_chore lot_chore_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_chore
    ADD CONSTRAINT lot_chore_pkey PRIMARY KEY (garden_id, lot_id, chore);


--
-- Name: lot_move lot_move_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_move
    ADD CONSTRAINT lot_move_pkey PRIMARY KEY (garden_id, lot_id, move_on);


--
-- Name: lot lot_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot
    ADD CONSTRAINT lot_pkey PRIMARY KEY (garden_id, id);


--
-- Name: lot_read lot_read_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_read
    ADD CONSTRAINT lot_read_pkey PRIMARY KEY (garden_id, method, lot_id);


--
-- Name: lot_state lot_state_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_state
    ADD CONSTRAINT lot_state_pkey PRIMARY KEY (garden_id, lot_id);


--
-- Name: meter meter_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.meter
    ADD CONSTRAINT meter_pkey PRIMARY KEY (garden_id, id);


--
-- Name: place place_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.place
    ADD CONSTRAINT place_pkey PRIMARY KEY (garden_id, id);


--
-- Name: recipe recipe_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.recipe
    ADD CONSTRAINT recipe_pkey PRIMARY KEY (garden_id, id);


--
-- Name: species species_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.species
    ADD CONSTRAINT species_pkey PRIMARY KEY (garden_id, id);


--
-- Name: stock stock_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.stock
    ADD CONSTRAINT stock_pkey PRIMARY KEY (garden_id, id);


--
-- Name: todo todo_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.todo
    ADD CONSTRAINT todo_pkey PRIMARY KEY (garden_id, id);


--
-- Name: vessel vessel_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.vessel
    ADD CONSTRAINT vessel_pkey PRIMARY KEY (garden_id, id);


--
-- Name: walk walk_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.walk
    ADD CONSTRAINT walk_pkey PRIMARY KEY (garden_id, id);


--
-- Name: water water_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.water
    ADD CONSTRAINT water_pkey PRIMARY KEY (garden_id, id);


--
-- Name: weather_day weather_day_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.weather_day
    ADD CONSTRAINT weather_day_pkey PRIMARY KEY (garden_id, day);


--
-- Name: weather_state weather_state_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.weather_state
    ADD CONSTRAINT weather_state_pkey PRIMARY KEY (garden_id);


--
-- Name: act_lately; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX act_lately ON public.act USING btree (garden_id, recorded_at DESC);


--
-- Name: batch_of_recipe; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX batch_of_recipe ON public.batch USING btree (garden_id, recipe, made_on DESC);


--
-- Name: calibration_of_meter; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX calibration_of_meter ON public.calibration USING btree (garden_id, meter_id, made_on DESC);


--
-- Name: change_of_act; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX change_of_act ON public.change USING btree (garden_id, act_id);


--
-- Name: flyway_schema_history_s_idx; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);


--
-- Name: journal_corrected_once; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX journal_corrected_once ON public.journal USING btree (garden_id, corrects) WHERE (corrects IS NOT NULL);


--
-- Name: journal_lately; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_lately ON public.journal USING btree (garden_id, occurred_at);


--
-- Name: journal_of_act; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_of_act ON public.journal USING btree (garden_id, act_id);


--
-- Name: journal_of_lot; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_of_lot ON public.journal USING btree (garden_id, lot_id, occurred_at);


--
-- Name: journal_readings_of_lot; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_readings_of_lot ON public.journal USING btree (garden_id, lot_id, occurred_at DESC) WHERE (kind = 'reading'::text);


--
-- Name: lot_chore_due; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lot_chore_due ON public.lot_chore USING btree (garden_id, due_on);


--
-- Name: lot_move_day; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lot_move_day ON public.lot_move USING btree (garden_id, move_on);


--
-- Name: lot_state_bench; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lot_state_bench ON public.lot_state USING btree (garden_id, place_id, name COLLATE "C", lot_id);


--
-- Name: lot_state_due; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lot_state_due ON public.lot_state USING btree (garden_id, due_on);


--
-- Name: lot_state_water; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX lot_state_water ON public.lot_state USING btree (garden_id, next_water_on);


--
-- Name: stock_of_component; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX stock_of_component ON public.stock USING btree (garden_id, component) WHERE (NOT retired);


--
-- Name: stock_of_feed; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX stock_of_feed ON public.stock USING btree (garden_id, feed_id) WHERE (NOT retired);


--
-- Name: stock_of_mix; Type: INDEX; Schema: public; Owner: -
--

CREATE UNIQUE INDEX stock_of_mix ON public.stock USING btree (garden_id, mix) WHERE (NOT retired);


--
-- Name: todo_of_lot; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX todo_of_lot ON public.todo USING btree (garden_id, lot_id);


--
-- Name: todo_open; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX todo_open ON public.todo USING btree (garden_id, due_on) WHERE ((done_on IS NULL) AND (NOT retired));


--
-- Name: journal_reading lots_read; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER lots_read AFTER INSERT ON public.journal_reading REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION public.note_lots_read();


--
-- Name: act act_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.act
    ADD CONSTRAINT act_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: act act_garden_id_undoes_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.act
    ADD CONSTRAINT act_garden_id_undoes_fkey FOREIGN KEY (garden_id, undoes) REFERENCES public.act(garden_id, id);


--
-- Name: batch batch_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: calendar_day calendar_day_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_day
    ADD CONSTRAINT calendar_day_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id);


--
-- Name: calendar_state calendar_state_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calendar_state
    ADD CONSTRAINT calendar_state_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: calibration calibration_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calibration
    ADD CONSTRAINT calibration_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: calibration calibration_garden_id_meter_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.calibration
    ADD CONSTRAINT calibration_garden_id_meter_id_fkey FOREIGN KEY (garden_id, meter_id) REFERENCES public.meter(garden_id, id);


--
-- Name: change change_garden_id_act_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.change
    ADD CONSTRAINT change_garden_id_act_id_fkey FOREIGN KEY (garden_id, act_id) REFERENCES public.act(garden_id, id);


--
-- Name: change change_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.change
    ADD CONSTRAINT change_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: component component_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.component
    ADD CONSTRAINT component_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: feed feed_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.feed
    ADD CONSTRAINT feed_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: journal_count journal_count_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_count
    ADD CONSTRAINT journal_count_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_count journal_count_garden_id_other_lot_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_count
    ADD CONSTRAINT journal_count_garden_id_other_lot_fkey FOREIGN KEY (garden_id, other_lot) REFERENCES public.lot(garden_id, id);


--
-- Name: journal_feeding journal_feeding_garden_id_feed_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_feeding
    ADD CONSTRAINT journal_feeding_garden_id_feed_id_fkey FOREIGN KEY (garden_id, feed_id) REFERENCES public.feed(garden_id, id);


--
-- Name: journal_feeding journal_feeding_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_feeding
    ADD CONSTRAINT journal_feeding_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal journal_garden_id_act_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_garden_id_act_id_fkey FOREIGN KEY (garden_id, act_id) REFERENCES public.act(garden_id, id);


--
-- Name: journal journal_garden_id_corrects_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_garden_id_corrects_fkey FOREIGN KEY (garden_id, corrects) REFERENCES public.journal(garden_id, id);


--
-- Name: journal journal_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id);


--
-- Name: journal_moving journal_moving_garden_id_from_place_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_moving
    ADD CONSTRAINT journal_moving_garden_id_from_place_fkey FOREIGN KEY (garden_id, from_place) REFERENCES public.place(garden_id, id);


--
-- Name: journal_moving journal_moving_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_moving
    ADD CONSTRAINT journal_moving_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_moving journal_moving_garden_id_to_place_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_moving
    ADD CONSTRAINT journal_moving_garden_id_to_place_fkey FOREIGN KEY (garden_id, to_place) REFERENCES public.place(garden_id, id);


--
-- Name: journal_note journal_note_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_note
    ADD CONSTRAINT journal_note_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_potting journal_potting_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_potting
    ADD CONSTRAINT journal_potting_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_reading journal_reading_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_reading
    ADD CONSTRAINT journal_reading_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_reading journal_reading_garden_id_meter_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_reading
    ADD CONSTRAINT journal_reading_garden_id_meter_id_fkey FOREIGN KEY (garden_id, meter_id) REFERENCES public.meter(garden_id, id);


--
-- Name: journal_seen journal_seen_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_seen
    ADD CONSTRAINT journal_seen_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_skipping journal_skipping_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_skipping
    ADD CONSTRAINT journal_skipping_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_tending journal_tending_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_tending
    ADD CONSTRAINT journal_tending_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: journal_watering journal_watering_garden_id_journal_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal_watering
    ADD CONSTRAINT journal_watering_garden_id_journal_id_fkey FOREIGN KEY (garden_id, journal_id) REFERENCES public.journal(garden_id, id);


--
-- Name: lot_chore lot_chore_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_chore
    ADD CONSTRAINT lot_chore_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id);


--
-- Name: lot lot_garden_id_feed_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot
    ADD CONSTRAINT lot_garden_id_feed_id_fkey FOREIGN KEY (garden_id, feed_id) REFERENCES public.feed(garden_id, id);


--
-- Name: lot lot_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot
    ADD CONSTRAINT lot_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: lot lot_garden_id_place_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot
    ADD CONSTRAINT lot_garden_id_place_id_fkey FOREIGN KEY (garden_id, place_id) REFERENCES public.place(garden_id, id);


--
-- Name: lot lot_garden_id_water_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot
    ADD CONSTRAINT lot_garden_id_water_id_fkey FOREIGN KEY (garden_id, water_id) REFERENCES public.water(garden_id, id);


--
-- Name: lot_move lot_move_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_move
    ADD CONSTRAINT lot_move_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id);


--
-- Name: lot_move lot_move_garden_id_place_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_move
    ADD CONSTRAINT lot_move_garden_id_place_id_fkey FOREIGN KEY (garden_id, place_id) REFERENCES public.place(garden_id, id);


--
-- Name: lot_read lot_read_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_read
    ADD CONSTRAINT lot_read_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id) ON DELETE CASCADE;


--
-- Name: lot lot_split_from; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot
    ADD CONSTRAINT lot_split_from FOREIGN KEY (garden_id, split_from) REFERENCES public.lot(garden_id, id);


--
-- Name: lot_state lot_state_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.lot_state
    ADD CONSTRAINT lot_state_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id);


--
-- Name: meter meter_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.meter
    ADD CONSTRAINT meter_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: place place_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.place
    ADD CONSTRAINT place_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: recipe recipe_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.recipe
    ADD CONSTRAINT recipe_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: species species_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.species
    ADD CONSTRAINT species_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: stock stock_garden_id_feed_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.stock
    ADD CONSTRAINT stock_garden_id_feed_id_fkey FOREIGN KEY (garden_id, feed_id) REFERENCES public.feed(garden_id, id);


--
-- Name: stock stock_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.stock
    ADD CONSTRAINT stock_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: todo todo_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.todo
    ADD CONSTRAINT todo_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: todo todo_garden_id_lot_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.todo
    ADD CONSTRAINT todo_garden_id_lot_id_fkey FOREIGN KEY (garden_id, lot_id) REFERENCES public.lot(garden_id, id);


--
-- Name: vessel vessel_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.vessel
    ADD CONSTRAINT vessel_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: walk walk_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.walk
    ADD CONSTRAINT walk_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: water water_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.water
    ADD CONSTRAINT water_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: weather_day weather_day_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.weather_day
    ADD CONSTRAINT weather_day_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- Name: weather_state weather_state_garden_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.weather_state
    ADD CONSTRAINT weather_state_garden_id_fkey FOREIGN KEY (garden_id) REFERENCES public.garden(id);


--
-- PostgreSQL database dump complete
--


