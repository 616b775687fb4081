package evencistern.server.garden;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.garden.GardenWire.WaterWire;
import evencistern.server.typed.Typed;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gardens and what belongs to them. */
@Service
public class Gardens {
    private static final double USUAL_CAN_L = 5;
    private static final double CARRIED_L = 10;
    /** Tap water where nothing is known of it; typical, from memory. */
    private static final WaterWire USUAL_TAP = new WaterWire(new UUID(0, 0), "Tap", 0.45, 7.3, 1);

    private final GardenStore store;
    private final Clock clock;

    Gardens(GardenStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    public List<GardenWire> list() {
        return store.listGardens().stream().map(this::whole).toList();
    }

    /** The garden; refused as not found where there is none. */
    public GardenWire require(GardenId garden) {
        return whole(store.findGarden(garden)
                .orElseThrow(() -> new FaultException(
                        Fault.of(FaultCode.NOT_FOUND, "garden", garden.value().toString()))));
    }

    private GardenWire whole(GardenStore.Row r) {
        GardenId garden = new GardenId(r.id());
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.of(r.timeZone()));
        List<VesselWire> vessels = store.listVessels(garden);
        return new GardenWire(
                r.id(),
                r.name(),
                r.timeZone(),
                r.latitude(),
                r.unitHabit(),
                r.hand(),
                r.demo(),
                r.version(),
                today,
                store.listPlaces(garden),
                store.listWaters(garden),
                store.listMeters(garden),
                vessels,
                usual(vessels).id());
    }

    /** The largest that can be carried full: 10 L weigh what one person should lift from the floor. */
    private static VesselWire usual(List<VesselWire> bySize) {
        return bySize.stream()
                .filter(v -> v.litres() <= CARRIED_L)
                .reduce((smaller, larger) -> larger)
                .orElse(bySize.get(0));
    }

    /**
     * Everything a new garden is told about itself, as typed.
     *
     * @param can what the can holds; empty for one of 5 L
     * @param waterEc,waterPh of the water; empty for what tap water usually has
     */
    public record NewGarden(
            String name,
            String timeZone,
            Typed latitude,
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
        double latitude = wanted.latitude().read("garden.latitude", faults);
        if (!Double.isNaN(latitude)) {
            faults.within("garden.latitude", latitude, -66, 66, "°");
        }
        double can = Typed.optional(wanted.can(), "can", faults).orElse(USUAL_CAN_L);
        faults.within("can", can, 0.1, 1000, "L");
        double ec = Typed.optional(wanted.waterEc(), "water.ec", faults).orElse(USUAL_TAP.ec());
        double ph = Typed.optional(wanted.waterPh(), "water.ph", faults).orElse(USUAL_TAP.ph());
        String given = wanted.waterName();
        WaterWire water = new WaterWire(
                UUID.randomUUID(), given == null ? USUAL_TAP.name() : faults.text("water.name", given, 80), ec, ph, 1);
        faults.attempt(water::toWater);
        try {
            ZoneId.of(wanted.timeZone());
        } catch (DateTimeException e) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "garden.time_zone", wanted.timeZone());
        }
        faults.throwIfAny();
        GardenId garden = new GardenId(UUID.randomUUID());
        store.insertGarden(
                garden,
                new GardenStore.Row(
                        garden.value(), name, wanted.timeZone(), latitude, wanted.unitHabit(), wanted.hand(), demo, 1),
                clock.instant());
        store.insertPlace(garden, PlacePreset.north_window.at(UUID.randomUUID(), "North window", latitude));
        store.insertPlace(garden, PlacePreset.open_bench.at(UUID.randomUUID(), "Open bench", latitude));
        store.insertWater(garden, water);
        store.insertMeter(garden, new MeterWire(UUID.randomUUID(), "Pen meter", null, 0.1, 5, 1));
        store.insertVessel(garden, new VesselWire(UUID.randomUUID(), "Can", can, 1));
        return require(garden);
    }

    /** A new place, started from what it is like. */
    public record NewPlace(UUID id, String name, PlacePreset preset) {}

    /** Adds a place. The same id sent again changes nothing. */
    @Transactional
    public GardenWire addPlace(GardenId garden, NewPlace wanted) {
        GardenWire g = require(garden);
        Faults faults = new Faults();
        String name = faults.text("place.name", wanted.name(), 80);
        faults.throwIfAny();
        if (g.places().stream().noneMatch(p -> p.id().equals(wanted.id()))) {
            store.insertPlace(garden, wanted.preset().at(wanted.id(), name, g.latitude()));
        }
        return require(garden);
    }

    /**
     * A vessel as typed.
     *
     * @param version the version it was changed from; 0 for a new one
     */
    public record VesselInput(UUID id, String name, Typed litres, int version) {}

    /** Adds or changes a vessel; a version that is no longer current is refused. */
    @Transactional
    public GardenWire saveVessel(GardenId garden, VesselInput input) {
        GardenWire g = require(garden);
        Faults faults = new Faults();
        String name = faults.text("vessel.name", input.name(), 80);
        double litres = input.litres().read("vessel.litres", faults);
        faults.throwIfAny();
        faults.within("vessel.litres", litres, 0.1, 1000, "L");
        faults.throwIfAny();
        VesselWire vessel = new VesselWire(input.id(), name, litres, input.version());
        Optional<Integer> has = g.vessels().stream()
                .filter(v -> v.id().equals(input.id()))
                .map(VesselWire::version)
                .findFirst();
        if (has.isEmpty()) {
            store.insertVessel(garden, vessel);
        } else if (input.version() > 0 && !store.updateVessel(garden, vessel)) {
            throw stale("vessel", input.version(), has.get());
        }
        return require(garden);
    }

    /**
     * A water as typed.
     *
     * @param version the version it was changed from; 0 for a new one
     */
    public record WaterInput(UUID id, String name, Typed ec, Typed ph, int version) {}

    /** Adds or changes a water; a version that is no longer current is refused. */
    @Transactional
    public GardenWire saveWater(GardenId garden, WaterInput input) {
        GardenWire g = require(garden);
        Faults faults = new Faults();
        String name = faults.text("water.name", input.name(), 80);
        double ec = input.ec().read("water.ec", faults);
        double ph = input.ph().read("water.ph", faults);
        faults.throwIfAny();
        WaterWire water = new WaterWire(input.id(), name, ec, ph, input.version());
        faults.attempt(water::toWater);
        faults.throwIfAny();
        Optional<Integer> has = g.waters().stream()
                .filter(w -> w.id().equals(input.id()))
                .map(WaterWire::version)
                .findFirst();
        if (has.isEmpty()) {
            store.insertWater(garden, water);
        } else if (input.version() > 0 && !store.updateWater(garden, water)) {
            throw stale("water", input.version(), has.get());
        }
        return require(garden);
    }

    /** Changes units and measuring habit; a version that is no longer current is refused with the present one. */
    @Transactional
    public GardenWire changeHabits(GardenId garden, GardenWire.UnitHabit habit, GardenWire.Hand hand, int version) {
        GardenWire before = require(garden);
        if (!store.updateHabits(garden, habit, hand, version)) {
            throw stale("garden", version, before.version());
        }
        return require(garden);
    }

    /**
     * A meter as typed.
     *
     * @param scale the ppm scale it prints, or null where that is not known yet
     */
    public record MeterInput(
            UUID id, String name, @Nullable String scale, Typed phPlusMinus, Typed ecPlusMinus, int version) {}

    /** Changes a meter, as when its scale is told for the first time. */
    @Transactional
    public MeterWire changeMeter(GardenId garden, MeterInput input) {
        Faults faults = new Faults();
        String name = faults.text("meter.name", input.name(), 80);
        double ph = input.phPlusMinus().read("meter.ph_plus_minus", faults);
        double ec = input.ecPlusMinus().read("meter.ec_plus_minus", faults);
        faults.throwIfAny();
        MeterWire meter = new MeterWire(input.id(), name, input.scale(), ph, ec, input.version());
        faults.attempt(meter::toMeter);
        faults.throwIfAny();
        MeterWire before = requireMeter(garden, meter.id());
        if (!store.updateMeter(garden, meter)) {
            throw stale("meter", meter.version(), before.version());
        }
        return requireMeter(garden, meter.id());
    }

    public MeterWire requireMeter(GardenId garden, UUID id) {
        return store.listMeters(garden).stream()
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "meter", id.toString())));
    }

    /** The refusal of an edit that started from an older version than the present one. */
    public static FaultException stale(String field, int had, int has) {
        return new FaultException(new Fault(FaultCode.STALE, field, Integer.toString(had), Integer.toString(has), ""));
    }
}
