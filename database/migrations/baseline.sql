-- The tables of a boat's data, as all migrations under earlier/ leave them.
create table "boats" (
    "id" integer primary key autoincrement not null,
    "name" varchar not null,
    "length" float not null,
    "beam" float not null,
    "units" varchar not null default 'us',
    "lines_per_angler" integer not null default '3',
    "created_at" datetime,
    "updated_at" datetime,
    "mast_aft" float not null default '-4',
    "mast_height" float not null default '3',
    "timezone" varchar not null default 'UTC',
    "rule_books" text,
    "stores" text
);
create unique index "boats_name_unique" on "boats" ("name");
create table "holders" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "code" varchar not null,
    "side" varchar not null,
    "kind" varchar not null,
    "place" integer not null,
    "aft" float not null,
    "starboard" float not null,
    "height" float not null,
    "counter_calibrated" tinyint(1) not null default '0',
    "counter_factor" float not null default '1',
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "holders_boat_id_code_unique" on "holders" ("boat_id", "code");
create unique index "holders_boat_id_place_unique" on "holders" ("boat_id", "place");
create table "reels" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "material" varchar not null,
    "test" float not null,
    "colours" float,
    "backing_material" varchar,
    "backing_test" float,
    "counter_calibrated" tinyint(1) not null default '0',
    "wire_length" float,
    "counter_factor" float not null default '1',
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "reels_boat_id_name_unique" on "reels" ("boat_id", "name");
create table "balls" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "mass" float not null,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "balls_boat_id_name_unique" on "balls" ("boat_id", "name");
create table "divers" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "size" varchar not null,
    "ringed" tinyint(1) not null default '0',
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "divers_boat_id_name_unique" on "divers" ("boat_id", "name");
create table "boards" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "size" varchar not null,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "boards_boat_id_name_unique" on "boards" ("boat_id", "name");
create table "lures" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "kind" varchar not null,
    "finish" varchar not null,
    "rated_depth" float,
    "rated_lead" float,
    "rated_line_diameter" float,
    "rated_speed" float,
    "down_area" float,
    "lip" text,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "lures_boat_id_name_unique" on "lures" ("boat_id", "name");
create table "trips" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "date" date not null,
    "lines_in" varchar not null,
    "back_by" varchar not null,
    "ground" varchar not null,
    "anglers" integer not null,
    "line_limit" integer,
    "limit_source" varchar,
    "species" text not null,
    "bottom" float,
    "created_at" datetime,
    "updated_at" datetime,
    "clearance" float,
    "profile_name" varchar,
    "profile" text,
    "structure" float,
    "port" varchar,
    "run" float,
    "latitude" float,
    "longitude" float,
    "guests" text,
    "crew" integer not null default '2',
    "crew_fish" tinyint(1) not null default '0',
    "lines_per_angler" integer,
    "catch_limits" text,
    "limits_looked_up" date,
    "bait_cure" varchar not null default 'brine',
    "bait_strips" tinyint(1) not null default '1',
    "forecast" text,
    "temperatures_source" varchar,
    "signs" text,
    "choices" text,
    "pass" text,
    "water" varchar not null default 'fresh',
    "salinity" float,
    "water_temperature" float,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "trips_boat_id_date_lines_in_unique" on "trips" ("boat_id", "date", "lines_in");
create table "target_bands" (
    "id" integer primary key autoincrement not null,
    "trip_id" integer not null,
    "species" varchar not null,
    "top" float not null,
    "bottom" float not null,
    "weight" float not null default '1',
    foreign key("trip_id") references "trips"("id") on delete cascade
);
create unique index "target_bands_trip_id_species_unique" on "target_bands" ("trip_id", "species");
create table "temperature_readings" (
    "id" integer primary key autoincrement not null,
    "trip_id" integer not null,
    "depth" float not null,
    "celsius" float not null,
    foreign key("trip_id") references "trips"("id") on delete cascade
);
create unique index "temperature_readings_trip_id_depth_unique" on "temperature_readings" ("trip_id", "depth");
create table "spreads" (
    "id" integer primary key autoincrement not null,
    "trip_id" integer not null,
    "name" varchar not null,
    "speed" float not null,
    "version" integer not null default '1',
    "created_at" datetime,
    "updated_at" datetime,
    "school" varchar not null default 'boards_first',
    "setting_order" text,
    foreign key("trip_id") references "trips"("id") on delete cascade
);
create unique index "spreads_trip_id_name_unique" on "spreads" ("trip_id", "name");
create table "bites" (
    "id" integer primary key autoincrement not null,
    "uuid" varchar not null,
    "trip_id" integer not null,
    "spread_id" integer,
    "bitten_at" datetime not null,
    "holder" varchar not null,
    "species" varchar,
    "outcome" varchar not null,
    "length" float,
    "weight" float,
    "note" varchar,
    "snapshot" text not null,
    "created_at" datetime,
    "updated_at" datetime,
    foreign key("trip_id") references "trips"("id") on delete restrict,
    foreign key("spread_id") references "spreads"("id") on delete set null
);
create index "bites_trip_id_bitten_at_index" on "bites" ("trip_id", "bitten_at");
create unique index "bites_uuid_unique" on "bites" ("uuid");
create table "spread_lines" (
    "id" integer primary key autoincrement not null,
    "spread_id" integer not null,
    "holder_id" integer not null,
    "presentation" varchar not null,
    "reel_id" integer not null,
    "lure_id" integer not null,
    "ball_id" integer,
    "diver_id" integer,
    "board_id" integer,
    "let_out" float,
    "colours" float,
    "backing" float,
    "lead" float,
    "dial" float,
    "board_out" float,
    "weight_mass" float,
    "leader_length" float,
    "leader_test" float,
    "leader_material" varchar,
    "attractor" varchar,
    "rides_on" integer,
    "above" float,
    "tip_height" float,
    "clip_out" float,
    "dropper_length" float,
    "ball_mass" float,
    "aim" float,
    "dial_side" varchar,
    "cable" varchar,
    "overrides" text,
    foreign key("board_id") references boards("id") on delete restrict,
    foreign key("diver_id") references divers("id") on delete restrict,
    foreign key("ball_id") references balls("id") on delete restrict,
    foreign key("lure_id") references lures("id") on delete restrict,
    foreign key("reel_id") references reels("id") on delete restrict,
    foreign key("holder_id") references holders("id") on delete restrict,
    foreign key("spread_id") references spreads("id") on delete cascade,
    foreign key("rides_on") references "holders"("id") on delete restrict
);
create unique index "spread_lines_spread_id_holder_id_unique" on "spread_lines" ("spread_id", "holder_id");
create table "soundings" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "taken_at" datetime not null,
    "method" varchar not null,
    "depth" float not null,
    "model_depth" float not null,
    "speed" float not null,
    "presentation" varchar not null,
    "reel_id" integer not null,
    "lure_id" integer not null,
    "set_up" text not null,
    foreign key("boat_id") references "boats"("id") on delete cascade,
    foreign key("reel_id") references "reels"("id") on delete restrict,
    foreign key("lure_id") references "lures"("id") on delete restrict
);
create index "soundings_boat_id_presentation_lure_id_index" on "soundings" ("boat_id", "presentation", "lure_id");
create table "spread_templates" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "species" varchar,
    "season" varchar,
    "speed" float not null,
    "lines" text not null,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "spread_templates_boat_id_name_unique" on "spread_templates" ("boat_id", "name");
create table "chores" (
    "id" integer primary key autoincrement not null,
    "trip_id" integer not null,
    "key" varchar not null,
    "what" varchar,
    "at" integer,
    "minutes" integer,
    "owner" varchar,
    "dropped" tinyint(1) not null default '0',
    "done_at" datetime,
    foreign key("trip_id") references "trips"("id") on delete cascade
);
create unique index "chores_trip_id_key_unique" on "chores" ("trip_id", "key");
create table "marks" (
    "id" integer primary key autoincrement not null,
    "trip_id" integer not null,
    "depth" float not null,
    "count" integer not null default '1',
    "tight" tinyint(1) not null default '0',
    "size" varchar not null default 'medium',
    "marked_at" datetime not null,
    foreign key("trip_id") references "trips"("id") on delete cascade
);
create table "charts" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "source" varchar,
    "grid" text not null,
    "drawn" text,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create unique index "charts_boat_id_unique" on "charts" ("boat_id");
create table "structures" (
    "id" integer primary key autoincrement not null,
    "boat_id" integer not null,
    "name" varchar not null,
    "kind" varchar not null,
    "places" text not null,
    "source" varchar,
    "made_at" datetime not null,
    foreign key("boat_id") references "boats"("id") on delete cascade
);
create table "devices" (
    "id" integer primary key autoincrement not null,
    "name" varchar not null,
    "role" varchar not null,
    "sees_places" tinyint(1) not null default '0',
    "token" varchar,
    "let_in_at" datetime not null,
    "seen_at" datetime,
    "put_out_at" datetime
);
create unique index "devices_token_unique" on "devices" ("token");
create table "pairing_codes" (
    "code" varchar not null,
    "role" varchar not null,
    "sees_places" tinyint(1) not null,
    "made_at" integer not null
);
create table "pairing_tries" (
    "tried_at" integer not null
);
