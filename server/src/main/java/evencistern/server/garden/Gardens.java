package evencistern.server.garden;

import evencistern.climate.Air;
import evencistern.climate.Aspect;
import evencistern.climate.Climate;
import evencistern.climate.SolarDay;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.HandMeasure;
import evencistern.media.Batch;
import evencistern.pot.Lifting;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.garden.GardenWire.SettingsWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.garden.GardenWire.WalkWire;
import evencistern.server.garden.GardenWire.WaterWire;
import evencistern.server.history.Changed;
import evencistern.server.history.History;
import evencistern.server.history.History.Edited;
import evencistern.server.history.Keeping;
import evencistern.server.history.Owned;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.server.words.Language;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gardens and what belongs to them. */
@Service
@RetriedOnLocks
public class Gardens {
    private static final double USUAL_CAN_L = 5;
    /** Tap water where nothing is known of it; typical, from memory. */
    private static final Typed USUAL_EC = new Typed("0.45", "mS/cm");

    private static final Typed USUAL_PH = new Typed("7.3", "pH");

    private final GardenStore store;
    private final Clock clock;
    private final History history;
    private final Keeping<SettingsWire> settings;
    private final Keeping<PlaceWire> places;
    private final Keeping<WaterWire> waters;
    private final Keeping<MeterWire> meters;
    private final Keeping<VesselWire> vessels;
    private final Keeping<WalkWire> walks;

    Gardens(GardenStore store, Clock clock, History history) {
        this.store = store;
        this.clock = clock;
        this.history = history;
        this.settings = history.keep(store.settings());
        this.places = history.keep(store.places());
        this.waters = history.keep(store.waters());
        this.meters = history.keep(store.meters());
        this.vessels = history.keep(store.vessels());
        this.walks = history.keep(store.walks());
    }

    public List<GardenWire> list() {
        return store.listGardens().stream().map(this::whole).toList();
    }

    /** The gardens there are. */
    public List<GardenId> listIds() {
        return store.listGardenIds();
    }

    /** The garden; refused as not found where there is none. */
    public GardenWire require(GardenId garden) {
        return whole(row(garden));
    }

    /** The version that the database has of what the plans of a garden rest on, and the day it is there. */
    public record Stamp(long version, LocalDate today) {}

    /** What a garden is at now, by one statement; refused as not found where there is none. */
    public Stamp stamp(GardenId garden) {
        return stamp(garden, false);
    }

    /** The same, held as it is until this transaction ends. */
    public Stamp hold(GardenId garden) {
        return stamp(garden, true);
    }

    private Stamp stamp(GardenId garden, boolean held) {
        return store.findVersion(garden, held)
                .map(v -> new Stamp(v.version(), LocalDate.ofInstant(clock.instant(), ZoneId.of(v.timeZone()))))
                .orElseThrow(() -> notFound(garden));
    }

    /** The garden's own date, for what needs no more of it. */
    public LocalDate today(GardenId garden) {
        return today(row(garden).settings());
    }

    private GardenStore.Row row(GardenId garden) {
        return store.findGarden(garden).orElseThrow(() -> notFound(garden));
    }

    private static FaultException notFound(GardenId garden) {
        return new FaultException(
                Fault.of(FaultCode.NOT_FOUND, "garden", garden.value().toString()));
    }

    private LocalDate today(SettingsWire s) {
        return LocalDate.ofInstant(clock.instant(), ZoneId.of(s.timeZone()));
    }

    private GardenWire whole(GardenStore.Row row) {
        SettingsWire s = row.settings();
        GardenId garden = new GardenId(s.id());
        LocalDate today = today(s);
        List<VesselWire> cans = store.listVessels(garden);
        List<WaterWire> waters = store.listWaters(garden);
        return new GardenWire(
                s.id(),
                s.name(),
                s.timeZone(),
                s.latitude(),
                s.latitudeTyped(),
                s.language(),
                s.unitHabit(),
                s.hand(),
                s.spoons(),
                Boolean.TRUE.equals(s.trade()),
                row.demo(),
                s.version(),
                today,
                store.listPlaces(garden),
                waters,
                store.listMeters(garden),
                cans,
                usual(cans).id(),
                usualWater(waters),
                GardenWire.UsualMeasures.ALL);
    }

    /** The water that is meant when nobody says which: of the house before what is collected. */
    private static @Nullable UUID usualWater(List<WaterWire> waters) {
        return waters.stream()
                .filter(w -> !w.retired())
                .min(Comparator.comparing(w -> !w.toWater().kind().ofTheHouse()))
                .map(WaterWire::id)
                .orElse(null);
    }

    /** The largest that can be carried full: what one person should lift from the floor. */
    private static VesselWire usual(List<VesselWire> bySize) {
        List<VesselWire> there = bySize.stream().filter(VesselWire::carries).toList();
        return there.stream()
                .filter(v -> Lifting.liftsCan(v.litres()))
                .reduce((smaller, larger) -> larger)
                .orElseGet(() -> there.isEmpty() ? bySize.get(0) : there.get(0));
    }

    /**
     * Everything a new garden is told about itself, as typed.
     *
     * @param language the one it is asked in where none is given
     * @param can what the can holds; empty for one of 5 L
     * @param waterEc,waterPh of the water; empty for what tap water usually has
     */
    public record NewGarden(
            String name,
            String timeZone,
            Typed latitude,
            @Nullable Language language,
            GardenWire.UnitHabit unitHabit,
            GardenWire.Hand hand,
            @Nullable Typed can,
            @Nullable String waterName,
            @Nullable Typed waterEc,
            @Nullable Typed waterPh) {}

    /** Makes a garden with two places, its water, one meter of unknown scale and a can, to be changed at will. */
    @Transactional
    public GardenWire create(NewGarden wanted, boolean demo) {
        Faults faults = new Faults();
        String name = faults.text("garden.name", wanted.name(), 80);
        double latitude = wanted.latitude().read("garden.latitude", faults, Dimension.LATITUDE);
        if (!Double.isNaN(latitude)) {
            faults.within("garden.latitude", latitude, -SolarDay.FARTHEST, SolarDay.FARTHEST, "°");
        }
        double can =
                Typed.optional(wanted.can(), "can", faults, Dimension.VOLUME).orElse(USUAL_CAN_L);
        faults.within("can", can, 0.1, 1000, "L");
        String given = wanted.waterName();
        WaterInput tap = new WaterInput(
                UUID.randomUUID(),
                given == null ? "Tap" : given,
                null,
                typedOr(wanted.waterEc(), USUAL_EC),
                typedOr(wanted.waterPh(), USUAL_PH),
                null,
                null,
                1);
        Optional<WaterWire> water = faults.attempt(tap::read);
        checkZone(wanted.timeZone(), faults);
        faults.throwIfAny();
        GardenId garden = new GardenId(UUID.randomUUID());
        store.insertGarden(
                garden,
                new GardenStore.Row(
                        new SettingsWire(
                                garden.value(),
                                name,
                                wanted.timeZone(),
                                latitude,
                                wanted.latitude(),
                                Optional.ofNullable(wanted.language()).orElseGet(Language::asked),
                                wanted.unitHabit(),
                                wanted.hand(),
                                List.of(HandMeasure.Spoon.values()),
                                false,
                                1,
                                false),
                        demo),
                clock.instant());
        Climate outside = climate(latitude, wanted.timeZone());
        store.places()
                .insert(
                        garden,
                        List.of(
                                PlacePreset.north_window.at(UUID.randomUUID(), "North window", latitude, outside),
                                PlacePreset.open_bench.at(UUID.randomUUID(), "Open bench", latitude, outside)));
        store.waters().insert(garden, List.of(water.orElseThrow()));
        store.meters()
                .insert(
                        garden,
                        List.of(new MeterWire(
                                UUID.randomUUID(),
                                "Pen meter",
                                null,
                                0.1,
                                5,
                                true,
                                null,
                                null,
                                null,
                                Map.of(),
                                1,
                                false)));
        store.vessels()
                .insert(
                        garden,
                        List.of(new VesselWire(
                                UUID.randomUUID(),
                                "Can",
                                VesselWire.Use.can,
                                can,
                                typedOr(wanted.can(), new Typed("5", "L")),
                                1,
                                false)));
        return require(garden);
    }

    private static Typed typedOr(@Nullable Typed typed, Typed usual) {
        return typed == null || typed.text().isBlank() ? usual : typed;
    }

    private static void checkZone(String zone, Faults faults) {
        try {
            ZoneId.of(zone);
        } catch (DateTimeException e) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "garden.time_zone", zone);
        }
    }

    /** What a garden says of itself, as typed, with the version it was changed from. */
    public record SettingsInput(
            String name,
            String timeZone,
            Typed latitude,
            Language language,
            GardenWire.UnitHabit unitHabit,
            GardenWire.Hand hand,
            List<HandMeasure.Spoon> spoons,
            @Nullable Boolean trade,
            int version) {}

    /** Changes name, zone, latitude and habits. */
    @Transactional
    public Edited<SettingsWire> changeSettings(GardenId garden, SettingsInput input) {
        require(garden);
        Faults faults = new Faults();
        String name = faults.text("garden.name", input.name(), 80);
        double latitude = input.latitude().read("garden.latitude", faults, Dimension.LATITUDE);
        if (!Double.isNaN(latitude)) {
            faults.within("garden.latitude", latitude, -SolarDay.FARTHEST, SolarDay.FARTHEST, "°");
        }
        checkZone(input.timeZone(), faults);
        if (input.hand() == GardenWire.Hand.spoons && input.spoons().isEmpty()) {
            faults.add(FaultCode.MISSING, "spoons", "");
        }
        faults.throwIfAny();
        return history.edit(
                garden,
                settings,
                new SettingsWire(
                        garden.value(),
                        name,
                        input.timeZone(),
                        latitude,
                        input.latitude(),
                        input.language(),
                        input.unitHabit(),
                        input.hand(),
                        input.spoons(),
                        input.trade(),
                        input.version(),
                        false));
    }

    /**
     * A new place, started from what it is like.
     *
     * @param station whose year is taken as it is; the usual year of the garden's part of the world where none is named
     * @param coldestNight,hottestDay of the coldest and the hottest month outside, where somebody knows
     * @param higher above the country around it
     */
    public record NewPlace(
            UUID id,
            String name,
            PlacePreset preset,
            @Nullable String station,
            @Nullable Typed coldestNight,
            @Nullable Typed hottestDay,
            @Nullable Typed higher) {
        /** As is usual there. */
        public NewPlace(UUID id, String name, PlacePreset preset) {
            this(id, name, preset, null, null, null, null);
        }
    }

    private static final double SECONDS_PER_DEGREE = 240;
    private static final int MONTHS = 12;

    /** The usual year outside at a garden. */
    public Climate outside(GardenWire g) {
        return climate(g.latitude(), g.timeZone());
    }

    /** The usual year outside: how far east a place lies is told by its time zone, to an hour. */
    private Climate climate(double latitude, String timeZone) {
        int east = ZoneId.of(timeZone)
                .getRules()
                .getStandardOffset(clock.instant())
                .getTotalSeconds();
        return Climate.at(latitude, east / SECONDS_PER_DEGREE);
    }

    /** Adds a place. The same id sent again changes nothing. */
    @Transactional
    public Edited<PlaceWire> addPlace(GardenId garden, NewPlace wanted) {
        GardenWire g = require(garden);
        Faults faults = new Faults();
        String name = faults.text("place.name", wanted.name(), 80);
        OptionalDouble night =
                Typed.optional(wanted.coldestNight(), "place.coldest_night", faults, Dimension.TEMPERATURE);
        night.ifPresent(c -> faults.within("place.coldest_night", c, -40, 40, "°C"));
        OptionalDouble day = Typed.optional(wanted.hottestDay(), "place.hottest_day", faults, Dimension.TEMPERATURE);
        day.ifPresent(c -> faults.within("place.hottest_day", c, night.orElse(-40) + 1, 55, "°C"));
        OptionalDouble higher = Typed.optional(wanted.higher(), "place.higher", faults, Dimension.LENGTH);
        higher.ifPresent(m -> faults.within("place.higher", m, -2000, 4000, "m"));
        String station = wanted.station() == null ? "" : wanted.station();
        Optional<Climate> picked =
                station.isBlank() ? Optional.empty() : faults.attempt(() -> Climate.ofStation(station));
        faults.throwIfAny();
        Climate outside =
                picked.orElseGet(() -> climate(g.latitude(), g.timeZone()).told(night, day, higher.orElse(0)));
        return history.edit(garden, places, wanted.preset().at(wanted.id(), name, g.latitude(), outside));
    }

    /**
     * A place as typed.
     *
     * @param lows,highs of the twelve months, January first
     * @param sunshine of what is possible, over the year; as before where nothing is said; {@code sunshineMonths} of each month
     * @param lampPpfd light of the lamps at the leaves, µmol m⁻² s⁻¹
     * @param firstFrost,lastFrost as MM-DD; both or neither
     */
    public record PlaceInput(
            UUID id,
            String name,
            PlaceWire.Kind kind,
            List<Typed> lows,
            List<Typed> highs,
            Typed humidity,
            Typed lightShare,
            @Nullable Typed sunshine,
            @Nullable List<Typed> sunshineMonths,
            @Nullable Typed lampHours,
            @Nullable Typed lampPpfd,
            @Nullable String firstFrost,
            @Nullable String lastFrost,
            @Nullable Air air,
            @Nullable Typed rainShare,
            @Nullable Aspect aspect,
            @Nullable Typed altitude,
            int version) {

        /** What was typed, by field; months as low.1 to high.12. */
        private Map<String, Typed> typed() {
            Map<String, Typed> fields = new HashMap<>();
            for (int m = 0; m < lows.size(); m++) {
                fields.put("low." + (m + 1), lows.get(m));
            }
            for (int m = 0; m < highs.size(); m++) {
                fields.put("high." + (m + 1), highs.get(m));
            }
            fields.put("humidity", humidity);
            fields.put("lightShare", lightShare);
            if (sunshine != null) {
                fields.put("sunshine", sunshine);
            }
            if (sunshineMonths != null) {
                for (int m = 0; m < sunshineMonths.size(); m++) {
                    fields.put("sun." + (m + 1), sunshineMonths.get(m));
                }
            }
            if (lampHours != null && lampPpfd != null) {
                fields.put("lampHours", lampHours);
                fields.put("lampPpfd", lampPpfd);
            }
            if (rainShare != null) {
                fields.put("rainShare", rainShare);
            }
            if (altitude != null) {
                fields.put("altitude", altitude);
            }
            return TypedFields.filled(fields);
        }
    }

    /** Changes a place; everything planned for the lots that stand there follows. */
    @Transactional
    public Edited<PlaceWire> changePlace(GardenId garden, PlaceInput input) {
        PlaceWire before = store.places()
                .find(garden, input.id())
                .orElseThrow(() -> new FaultException(
                        Fault.of(FaultCode.NOT_FOUND, "place", input.id().toString())));
        Faults faults = new Faults();
        String name = faults.text("place.name", input.name(), 80);
        List<Double> lows = readAll(input.lows(), "place.low", Dimension.TEMPERATURE, faults);
        List<Double> highs = readAll(input.highs(), "place.high", Dimension.TEMPERATURE, faults);
        List<Typed> bySun = input.sunshineMonths();
        List<Double> suns = bySun == null
                ? null
                : readAll(bySun, "place.sunshine", Dimension.FRACTION, faults).stream()
                        .map(s -> s / 100)
                        .toList();
        double humidity = input.humidity().read("place.humidity", faults, Dimension.FRACTION);
        double light = input.lightShare().read("place.light", faults, Dimension.FRACTION);
        OptionalDouble sun = Typed.optional(input.sunshine(), "place.sunshine", faults, Dimension.FRACTION);
        OptionalDouble hours = Typed.optional(input.lampHours(), "place.lamp_hours", Unit.HOUR, faults);
        OptionalDouble ppfd = Typed.optional(input.lampPpfd(), "place.lamp_light", faults, Dimension.NUMBER);
        if (hours.isPresent() != ppfd.isPresent()) {
            faults.add(FaultCode.MISSING, hours.isPresent() ? "place.lamp_light" : "place.lamp_hours", "");
        }
        OptionalDouble rain = Typed.optional(input.rainShare(), "place.rain", faults, Dimension.FRACTION);
        OptionalDouble altitude = Typed.optional(input.altitude(), "place.altitude", faults, Dimension.LENGTH);
        String first = frost(input.firstFrost(), faults);
        String last = frost(input.lastFrost(), faults);
        if ((first == null) != (last == null)) {
            faults.add(FaultCode.MISSING, "place.frosts", "");
        }
        faults.throwIfAny();
        PlaceWire place = new PlaceWire(
                input.id(),
                name,
                input.kind(),
                before.latitude(),
                lows,
                highs,
                humidity,
                light / 100,
                suns != null && suns.size() == MONTHS
                        ? Climate.mean(suns)
                        : sun.isPresent() ? sun.getAsDouble() / 100 : before.sunshine(),
                suns,
                hours.isPresent() ? hours.getAsDouble() : null,
                ppfd.isPresent() ? ppfd.getAsDouble() : null,
                first,
                last,
                input.air(),
                rain.isPresent() ? rain.getAsDouble() / 100 : null,
                input.aspect(),
                altitude.isPresent() ? altitude.getAsDouble() : null,
                input.typed(),
                input.version(),
                before.retired());
        faults.attempt(place::toPlace);
        faults.throwIfAny();
        return history.edit(garden, places, place);
    }

    private static List<Double> readAll(List<Typed> typed, String field, Dimension dimension, Faults faults) {
        return typed.stream().map(t -> t.read(field, faults, dimension)).toList();
    }

    private static @Nullable String frost(@Nullable String monthDay, Faults faults) {
        if (monthDay == null || monthDay.isBlank()) {
            return null;
        }
        try {
            MonthDay.parse("--" + monthDay);
        } catch (DateTimeException e) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "place.frosts", monthDay);
        }
        return monthDay;
    }

    /**
     * A vessel as typed.
     *
     * @param version the version it was changed from; 0 for a new one
     */
    public record VesselInput(UUID id, String name, VesselWire.@Nullable Use use, Typed litres, int version) {}

    /** Adds or changes a vessel. */
    @Transactional
    public Edited<WalkWire> saveWalk(GardenId garden, List<UUID> order) {
        GardenWire g = require(garden);
        order.forEach(g::place);
        UUID id = g.id();
        int version = store.walks().find(garden, id).map(WalkWire::version).orElse(0);
        return history.edit(
                garden, walks, new WalkWire(id, order.stream().distinct().toList(), version, false));
    }

    @Transactional
    public Edited<VesselWire> saveVessel(GardenId garden, VesselInput input) {
        require(garden);
        Faults faults = new Faults();
        String name = faults.text("vessel.name", input.name(), 80);
        double litres = input.litres().read("vessel.litres", faults, Dimension.VOLUME);
        faults.throwIfAny();
        VesselWire.Use use = input.use() == null ? VesselWire.Use.can : input.use();
        switch (use) {
            case can -> faults.within("vessel.litres", litres, 0.1, 1000, "L");
            case tub -> faults.within("measure.tub", litres, 0.2, 5000, "L");
            case shovel -> Batch.Measures.shovel(litres, faults);
            case handful -> Batch.Measures.handful(litres, faults);
            case drip -> faults.within("drip.rate", litres, 0.2, 50, "L");
        }
        faults.throwIfAny();
        return history.edit(
                garden, vessels, new VesselWire(input.id(), name, use, litres, input.litres(), input.version(), false));
    }

    /** Adds or changes a water. */
    @Transactional
    public Edited<WaterWire> saveWater(GardenId garden, WaterInput input) {
        require(garden);
        WaterWire water = input.read();
        return history.edit(garden, waters, water);
    }

    /**
     * A meter as typed.
     *
     * @param scale the ppm scale it prints, or null where that is not known yet
     * @param compensates whether it brings EC to 25 °C by itself; most do
     * @param probeSince when its glass was new
     * @param everyDays between calibrations; left to its drift where blank
     * @param port of this machine on which it is heard, 1024–65535; blank where it is read by eye
     * @param version the version it was changed from; 0 for a new one
     */
    public record MeterInput(
            UUID id,
            String name,
            @Nullable String scale,
            Typed phPlusMinus,
            Typed ecPlusMinus,
            @Nullable Boolean compensates,
            @Nullable LocalDate probeSince,
            @Nullable Typed everyDays,
            @Nullable Typed port,
            int version) {}

    /** Adds or changes a meter, as when its scale is told for the first time. */
    @Transactional
    public Edited<MeterWire> saveMeter(GardenId garden, MeterInput input) {
        require(garden);
        Faults faults = new Faults();
        String name = faults.text("meter.name", input.name(), 80);
        double ph = input.phPlusMinus().read("meter.ph_plus_minus", faults, Dimension.PH);
        double ec = input.ecPlusMinus().read("meter.ec_plus_minus", faults, Dimension.FRACTION);
        OptionalDouble every = Typed.optional(input.everyDays(), "meter.every_days", faults, Dimension.TIME);
        OptionalDouble port = Typed.optional(input.port(), "meter.port", faults, Dimension.NUMBER);
        port.ifPresent(p -> faults.within("meter.port", p, 1024, 65535, ""));
        faults.throwIfAny();
        Map<String, Typed> typed =
                TypedFields.filled(Map.of("phPlusMinus", input.phPlusMinus(), "ecPlusMinus", input.ecPlusMinus()));
        MeterWire meter = new MeterWire(
                input.id(),
                name,
                input.scale(),
                ph,
                ec,
                input.compensates() == null || input.compensates(),
                input.probeSince(),
                whole(every),
                whole(port),
                typed,
                input.version(),
                false);
        faults.attempt(() -> meter.toLog(List.of()));
        faults.throwIfAny();
        return history.edit(garden, meters, meter);
    }

    private static @Nullable Integer whole(OptionalDouble value) {
        return value.isPresent() ? (int) Math.round(value.getAsDouble()) : null;
    }

    /** The last vessel, water, meter or place of a garden cannot be put away: nothing could be planned without one. */
    @EventListener
    void putAway(Changed changed) {
        if (!changed.retired()) {
            return;
        }
        GardenWire g = require(changed.garden());
        List<? extends Owned> rest = switch (changed.kind()) {
            case "vessel" -> g.vessels();
            case "water" -> g.waters();
            case "meter" -> g.meters();
            case "place" -> g.places();
            default -> List.of();
        };
        if (!rest.isEmpty() && rest.stream().allMatch(Owned::retired)) {
            throw new FaultException(Fault.of(FaultCode.LAST_ONE, changed.kind(), ""));
        }
    }

    public MeterWire requireMeter(GardenId garden, UUID id) {
        return store.meters()
                .find(garden, id)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "meter", id.toString())));
    }
}
