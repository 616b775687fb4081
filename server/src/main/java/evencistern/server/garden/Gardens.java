package evencistern.server.garden;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.garden.GardenWire.PlaceWire;
import evencistern.server.garden.GardenWire.VesselWire;
import evencistern.server.garden.GardenWire.WaterWire;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gardens and what belongs to them. */
@Service
public class Gardens {
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
                store.listVessels(garden));
    }

    /** Everything a new garden is told about itself. */
    public record NewGarden(
            String name, String timeZone, double latitude, GardenWire.UnitHabit unitHabit, GardenWire.Hand hand) {}

    /** Makes a garden with two places, tap water, one meter of unknown scale and a can, to be changed at will. */
    @Transactional
    public GardenWire create(NewGarden wanted, boolean demo) {
        Faults faults = new Faults();
        String name = faults.text("garden.name", wanted.name(), 80);
        faults.within("garden.latitude", wanted.latitude(), -66, 66, "°");
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
                        garden.value(),
                        name,
                        wanted.timeZone(),
                        wanted.latitude(),
                        wanted.unitHabit(),
                        wanted.hand(),
                        demo,
                        1),
                clock.instant());
        store.insertPlace(
                garden,
                new PlaceWire(
                        UUID.randomUUID(),
                        "North window",
                        PlaceWire.Kind.indoors,
                        wanted.latitude(),
                        Collections.nCopies(12, 16.5),
                        Collections.nCopies(12, 21.5),
                        50,
                        0.18,
                        0.4,
                        null,
                        null));
        store.insertPlace(garden, openBench(wanted.latitude()));
        store.insertWater(garden, new WaterWire(UUID.randomUUID(), "Tap", 0.45, 7.3));
        store.insertMeter(garden, new MeterWire(UUID.randomUUID(), "Pen meter", null, 0.1, 5, 1));
        store.insertVessel(garden, new VesselWire(UUID.randomUUID(), "Can", 5));
        return require(garden);
    }

    /** A cool temperate year, turned round south of the equator and warm without frost in the tropics. */
    private static PlaceWire openBench(double latitude) {
        List<Double> lows = List.of(1.5, 1.5, 3.0, 4.5, 7.5, 10.5, 12.5, 12.5, 10.0, 7.0, 4.0, 2.0);
        List<Double> highs = List.of(7.0, 7.5, 10.5, 13.5, 17.0, 20.0, 22.5, 22.0, 19.0, 14.5, 10.0, 7.5);
        String first = "10-25";
        String last = "04-28";
        boolean tropics = Math.abs(latitude) < 23.5;
        if (tropics) {
            lows = Collections.nCopies(12, 22.5);
            highs = Collections.nCopies(12, 31.0);
        } else if (latitude < 0) {
            lows = halfYearOn(lows);
            highs = halfYearOn(highs);
            first = "05-15";
            last = "10-05";
        }
        return new PlaceWire(
                UUID.randomUUID(),
                "Open bench",
                PlaceWire.Kind.outdoors,
                latitude,
                lows,
                highs,
                78,
                1,
                0.38,
                tropics ? null : first,
                tropics ? null : last);
    }

    private static List<Double> halfYearOn(List<Double> months) {
        List<Double> turned = new java.util.ArrayList<>(months);
        Collections.rotate(turned, 6);
        return turned;
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

    /** Changes a meter, as when its scale is told for the first time. */
    @Transactional
    public MeterWire changeMeter(GardenId garden, MeterWire meter) {
        Faults faults = new Faults();
        faults.text("meter.name", meter.name(), 80);
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
