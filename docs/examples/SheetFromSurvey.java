// A sheet as PDF from the readings of a survey, without a window:
//   java -cp '.honeylamp-build/jars/*' docs/examples/SheetFromSurvey.java demo/boat-shed.csv sheet.pdf
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.store.PagePictures;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyPlan;

void main(String[] given) throws Exception {
    System.setProperty("java.awt.headless", "true");
    switch (SurveyFile.read(Path.of(given[0]))) {
        case SurveyFile.Result.Refused(var problem) -> {
            System.err.println(problem.sentence());
            System.exit(2);
        }
        case SurveyFile.Result.Good read -> {
            var spread = Adjustment.of(read.survey()); // the closing error
            var plan = SurveyPlan.of(read.survey(), spread, read.units()); // a value: edits make new ones
            var page = LaidPlan.of(plan).pages().getFirst();
            var sheet = new PagePictures().printed(page, Map.of()); // no pictures lie on it
            Export.write(sheet, Export.Format.PDF, Export.Picture.USUAL, Path.of(given[1]), Progress.NONE);
        }
    }
}
