package honeylamp.units;

import java.math.BigDecimal;
import java.math.BigInteger;

/** An exact fraction, so that thirds and 64ths survive a sum; kept in lowest terms. */
record Ratio(BigInteger numerator, BigInteger denominator) {
    Ratio {
        if (denominator.signum() == 0) {
            throw new ArithmeticException("division by zero");
        }
        var divisor = numerator.gcd(denominator).max(BigInteger.ONE);
        if (denominator.signum() < 0) {
            divisor = divisor.negate();
        }
        numerator = numerator.divide(divisor);
        denominator = denominator.divide(divisor);
    }

    static Ratio of(long whole) {
        return new Ratio(BigInteger.valueOf(whole), BigInteger.ONE);
    }

    static Ratio of(BigDecimal decimal) {
        return decimal.scale() <= 0
                ? new Ratio(decimal.toBigIntegerExact(), BigInteger.ONE)
                : new Ratio(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()));
    }

    Ratio plus(Ratio o) {
        return new Ratio(
                numerator.multiply(o.denominator).add(o.numerator.multiply(denominator)),
                denominator.multiply(o.denominator));
    }

    Ratio minus(Ratio o) {
        return plus(new Ratio(o.numerator.negate(), o.denominator));
    }

    Ratio times(Ratio o) {
        return new Ratio(numerator.multiply(o.numerator), denominator.multiply(o.denominator));
    }

    Ratio dividedBy(Ratio o) {
        return new Ratio(numerator.multiply(o.denominator), denominator.multiply(o.numerator));
    }

    /** The nearest whole number, halves away from zero. */
    BigInteger rounded() {
        var twice = numerator.abs().shiftLeft(1).add(denominator);
        var whole = twice.divide(denominator.shiftLeft(1));
        return numerator.signum() < 0 ? whole.negate() : whole;
    }
}
