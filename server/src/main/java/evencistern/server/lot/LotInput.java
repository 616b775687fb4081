package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Mix;
import evencistern.need.Condition;
import evencistern.need.Learning;
import evencistern.need.Particulars;
import evencistern.plant.Appetite;
import evencistern.plant.Size;
import evencistern.server.plant.Kind;
import evencistern.server.plant.KindInput;
import evencistern.server.plant.KindShelf;
import evencistern.server.pot.PotInput;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The lot form as it stands on the screen.
 *
 * @param id made by the page, so that sending a new lot twice makes one
 * @param spread,tall how wide and how tall it stands
 * @param mixWarmth how warm its mix was measured; as the air where nothing is said
 * @param lasts how long its pots last from a watering until they are dry
 * @param traits what is told of this lot alone, by trait; blank ones as its kind has them
 * @param courses the feeds of its programme; none for plain water
 * @param watering how its pots get their water; as its kind usually does where nothing is said
 * @param flushBy rhythm or account; the weeks of its kind where nothing is said
 * @param assumed what nobody told and the form has taken for granted
 * @param version the version it was changed from; 0 for a new one
 */
public record LotInput(
        UUID id,
        String name,
        Typed pots,
        String species,
        PotInput pot,
        String mix,
        UUID placeId,
        UUID waterId,
        List<LotCourse> courses,
        @Nullable LocalDate startedOn,
        @Nullable LocalDate repottedOn,
        @Nullable LocalDate wateredBefore,
        @Nullable LocalDate fedBefore,
        @Nullable Typed spread,
        @Nullable Typed tall,
        @Nullable Typed mixWarmth,
        @Nullable Typed lasts,
        @Nullable Map<String, String> traits,
        @Nullable Map<Condition, LocalDate> conditions,
        @Nullable WateringInput watering,
        @Nullable Boolean undrained,
        @Nullable String flushBy,
        @Nullable Set<Lot.Assumed> assumed,
        int version) {
    private static final String NO_NAME_YET = "?";
    private static final String BY_ACCOUNT = "account";
    private static final int MOST_POTS = 100_000;

    /** The same as it is tried for the lot of this id, whatever the form says: a dose needs no name yet. */
    public LotInput tried(UUID lot) {
        return new LotInput(
                lot,
                name.isBlank() ? NO_NAME_YET : name,
                pots,
                species,
                pot,
                mix,
                placeId,
                waterId,
                courses,
                startedOn,
                repottedOn,
                wateredBefore,
                fedBefore,
                spread,
                tall,
                mixWarmth,
                lasts,
                traits,
                conditions,
                watering,
                undrained,
                flushBy,
                assumed,
                version);
    }

    /**
     * The lot it describes; refused with every fault of every field.
     *
     * @param before the lot as it was, whose history it keeps; null for a new one
     */
    public Lot read(@Nullable Lot before, GardenContext context) {
        LocalDate today = context.garden().today();
        Faults faults = new Faults();
        OptionalDouble height = Typed.optional(tall, "lot.tall", faults, Dimension.LENGTH);
        OptionalDouble width = Typed.optional(spread, "lot.spread", faults, Dimension.LENGTH);
        Optional<Size.Told> size = faults.attempt(() -> new Size.Told(width, height, 0));
        OptionalDouble warmth = Typed.optional(mixWarmth, "lot.mix_warmth", faults, Dimension.TEMPERATURE);
        warmth.ifPresent(c -> faults.within("lot.mix_warmth", c, Particulars.COLDEST_C, Particulars.WARMEST_C, "°C"));
        OptionalDouble days = Typed.optional(lasts, "lot.lasts", faults, Dimension.TIME);
        days.ifPresent(d -> faults.attempt(() -> new Learning.Lasts(today, d)));
        Map<String, String> told = traits(context.kinds(), faults);
        // of a kind that is not there nothing is usual; it is refused below
        WateringInput how = watering != null || faults.any() ? poured(faults) : usual(context.kinds(), told);
        if (before == null || !before.mix().equals(mix)) {
            context.mixes().noteHeldBack(mix, faults);
        }
        int count = check(context, told, size, how.way(), today, faults);
        LocalDate start = startedOn != null ? startedOn : before != null ? before.startedOn() : today;
        return new Lot(
                id,
                name.strip(),
                count,
                species,
                pot.tidy(),
                mix,
                placeId,
                waterId,
                courses.stream().map(LotCourse::tidy).toList(),
                start,
                repottedOn,
                wateredBefore,
                fedBefore,
                width.isPresent() ? width.getAsDouble() : null,
                width.isPresent() ? spread : null,
                height.isPresent() ? height.getAsDouble() : null,
                height.isPresent() ? tall : null,
                sizedOn(before, width, height, today),
                warmth.isPresent() ? warmth.getAsDouble() : null,
                warmth.isPresent() ? mixWarmth : null,
                days.isPresent() ? days.getAsDouble() : null,
                days.isPresent() ? lasts : null,
                days.isPresent() ? lastsOn(before, today) : null,
                told,
                conditions == null ? Map.of() : conditions,
                how,
                Boolean.TRUE.equals(undrained),
                BY_ACCOUNT.equals(flushBy) ? flushBy : null,
                assumed == null ? Set.of() : assumed,
                before == null ? List.of() : before.moves(),
                before == null ? null : before.splitFrom(),
                before != null && before.retired(),
                before == null ? null : before.retiredOn(),
                before == null ? null : before.retiredWhy(),
                version);
    }

    /** How long it lasts is known of the weeks before it was told. */
    private LocalDate lastsOn(@Nullable Lot before, LocalDate today) {
        return before != null && before.lastsOn() != null && Objects.equals(before.lasts(), lasts)
                ? before.lastsOn()
                : today;
    }

    /** A size that is told anew is that of today. */
    private @Nullable LocalDate sizedOn(
            @Nullable Lot before, OptionalDouble width, OptionalDouble height, LocalDate today) {
        if (width.isEmpty() && height.isEmpty()) {
            return null;
        }
        return before != null && Objects.equals(before.spread(), spread) && Objects.equals(before.tall(), tall)
                ? before.sizedOn()
                : today;
    }

    private WateringInput poured(Faults faults) {
        WateringInput typed = watering == null ? WateringInput.POURED : watering.tidy();
        faults.attempt(() -> typed.toWatering(false));
        return typed;
    }

    private WateringInput usual(KindShelf kinds, Map<String, String> told) {
        return WateringInput.of(Watering.usual(kinds.require(species, told)).way(), Map.of());
    }

    private Map<String, String> traits(KindShelf kinds, Faults faults) {
        return faults.attempt(() -> kinds.require(species))
                .flatMap(s -> faults.attempt(() -> Kind.news(s.traits(), KindInput.filled(traits))))
                .orElse(Map.of());
    }

    private int check(
            GardenContext context,
            Map<String, String> told,
            Optional<Size.Told> size,
            Way way,
            LocalDate today,
            Faults faults) {
        faults.text("lot.name", name, 80);
        double count = pots.read("lot.pots", faults, Dimension.NUMBER);
        if (!Double.isNaN(count)) {
            faults.within("lot.pots", count, 1, MOST_POTS, Unit.ONE.symbol());
            if (count != Math.rint(count)) {
                faults.add(FaultCode.NOT_A_NUMBER, "lot.pots", pots.text());
            }
        }
        faults.attempt(() -> context.mixes().require(mix));
        if (mix.equals(Mix.BARE) && !way.wetsBareRoots()) {
            faults.add(FaultCode.NOTHING_HOLDS_WATER, "lot.way", way.id());
        }
        faults.attempt(pot::toPot).ifPresent(p -> {
            p.checkMeasured(faults);
            size.ifPresent(s -> s.check(p.acrossM(), faults));
        });
        LotCourse.check(courses, faults);
        if (flushBy != null && !List.of("", "rhythm", BY_ACCOUNT).contains(flushBy)) {
            faults.add(FaultCode.CHOICE_UNKNOWN, "lot.flush_by", flushBy);
        }
        if (conditions != null) {
            conditions.forEach((c, since) -> {
                if (since.isAfter(today)) {
                    faults.add(new Fault(
                            FaultCode.TIME_IN_FUTURE, "lot.condition", since.toString(), today.toString(), ""));
                }
            });
        }
        faults.throwIfAny();
        if (!courses.isEmpty() && context.kinds().require(species, told).appetite() == Appetite.NONE) {
            faults.add(Fault.of(FaultCode.NO_ROOT_FEED, "lot.feed", species));
        }
        faults.throwIfAny();
        return (int) count;
    }
}
