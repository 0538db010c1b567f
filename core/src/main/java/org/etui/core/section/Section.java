package org.etui.core.section;

/**
 * A cross-section. Bending is about the axis across the width, so that the thickness lies in the plane of bending,
 * unless told otherwise. Areas mm², second moments mm⁴, moduli mm³.
 */
public interface Section {
    /** The greater measure as a calliper reads it, mm. */
    double widthMm();

    /** The smaller measure as a calliper reads it, mm. */
    double thicknessMm();

    /** Measure in the plane of bending, mm: what the curve's inside and outside are apart. */
    double inPlaneMm();

    /** Measure across the plane of bending, mm: what touching turns lie apart. */
    default double acrossMm() {
        return widthMm() + thicknessMm() - inPlaneMm();
    }

    /** Distance from the centroid to the fibre nearest the inside of the curve, mm. */
    default double insideFibreMm() {
        return inPlaneMm() - extremeFibreMm();
    }

    /**
     * Width of metal at a distance from the centroid, mm.
     *
     * @param yMm towards the outside of the curve, mm; zero width beyond the section
     */
    double chordMm(double yMm);

    /** Area, mm². */
    double areaMm2();

    /** Perimeter, mm. */
    double perimeterMm();

    /** Second moment of area about the bending axis through the centroid, mm⁴. */
    double secondMomentMm4();

    /** Distance from the centroid to the extreme fibre in the plane of bending, mm. */
    double extremeFibreMm();

    /** Plastic modulus about the equal-area axis, mm³. */
    double plasticModulusMm3();

    /** Elastic section modulus, I over the extreme fibre, mm³. */
    default double sectionModulusMm3() {
        return secondMomentMm4() / extremeFibreMm();
    }
}
